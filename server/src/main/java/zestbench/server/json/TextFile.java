package zestbench.server.json;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import org.jspecify.annotations.Nullable;
import zestbench.core.quantity.InputProblem;

/** A text file as spreadsheets save it: UTF-8 with or without its mark, or Windows-1252; what is no text is refused. */
public final class TextFile {
    private static final Charset WINDOWS = Charset.forName("windows-1252");
    private static final String MARK = "\uFEFF";

    private TextFile() {}

    public static String read(byte[] bytes) {
        String text = decoded(bytes, StandardCharsets.UTF_8);
        if (text == null) {
            text = decoded(bytes, WINDOWS);
        }
        String plain = text != null && text.startsWith(MARK) ? text.substring(1) : text;
        if (plain == null || !CleanText.isClean(plain)) {
            throw InputProblem.of("file", null, "this is no text: save it as CSV in UTF-8");
        }
        return plain;
    }

    private static @Nullable String decoded(byte[] bytes, Charset charset) {
        try {
            return charset.newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .onUnmappableCharacter(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(bytes))
                    .toString();
        } catch (CharacterCodingException other) {
            return null;
        }
    }
}
