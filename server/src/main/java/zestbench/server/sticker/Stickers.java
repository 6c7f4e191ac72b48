package zestbench.server.sticker;

import java.net.URI;
import java.net.URISyntaxException;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;
import org.springframework.web.util.UriComponents;
import org.springframework.web.util.UriComponentsBuilder;
import zestbench.server.security.OwnNames;
import zestbench.server.unit.Unit;
import zestbench.server.unit.Units;
import zestbench.server.vision.PhotoText.Code;

/** The code of a panel sticker is the address of its unit's record, with the name that no other unit has. */
@Component
public class Stickers {
    private static final String UNITS = "/units/";
    /** The name of a unit that no other has, on this bench or another. */
    private static final String UNIT = "unit";

    private static final Pattern PATH = Pattern.compile(UNITS + "(\\d{1,15})");

    private final OwnNames names;
    private final Units units;

    Stickers(OwnNames names, Units units) {
        this.names = names;
        this.units = units;
    }

    /** What the code of a unit's sticker says, as this bench is addressed now. */
    public String address(Unit unit) {
        return ServletUriComponentsBuilder.fromCurrentContextPath()
                .path(UNITS + unit.id())
                .queryParam(UNIT, unit.uid())
                .toUriString();
    }

    /**
     * Whose sticker it is.
     *
     * @param unit its number; null where the bench knows none by this code
     * @param words the unit, or why there is none
     */
    public record StickerView(@Nullable Long unit, String words) {}

    /** Of the codes on a photo, the first that is a sticker; empty where none is. */
    public Optional<StickerView> of(List<Code> codes) {
        return codes.stream().flatMap(c -> sticker(c.text()).stream()).findFirst();
    }

    private Optional<StickerView> sticker(String text) {
        try {
            UriComponents address = UriComponentsBuilder.fromUri(new URI(text)).build();
            Matcher path = PATH.matcher(address.getPath() == null ? "" : address.getPath());
            if (address.getHost() == null || !path.matches()) {
                return Optional.empty();
            }
            String uid = address.getQueryParams().getFirst(UNIT);
            if (uid == null && !names.isOwn(address.getHost())) {
                return Optional.of(
                        new StickerView(null, "This sticker is of another bench, " + address.getHost() + "."));
            }
            // by number on stickers from before their units were named: two benches number alike
            Optional<Unit> unit = uid == null ? units.find(Long.parseLong(path.group(1))) : units.byUid(uid);
            return Optional.of(unit.map(u -> new StickerView(u.id(), words(u)))
                    .orElseGet(() -> new StickerView(null, "The unit of this sticker is not on this bench.")));
        } catch (URISyntaxException | IllegalArgumentException other) {
            return Optional.empty();
        }
    }

    private static String words(Unit unit) {
        return unit.site() + ", " + unit.name();
    }
}
