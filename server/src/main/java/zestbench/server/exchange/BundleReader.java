package zestbench.server.exchange;

import java.io.IOException;
import java.io.UncheckedIOException;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.core.convert.converter.Converter;
import org.springframework.stereotype.Component;
import org.springframework.web.multipart.MultipartFile;

/** Reads a bundle while its request is taken in: a large one holds up nobody's change before it is known to be whole. */
@Component
class BundleReader implements Converter<MultipartFile, BundleFile.Read> {
    static {
        SpringDocUtils.getConfig().addFileType(BundleFile.Read.class);
    }

    private final BundleFile file;

    BundleReader(BundleFile file) {
        this.file = file;
    }

    @Override
    public BundleFile.Read convert(MultipartFile given) {
        try {
            return file.read(given.getBytes());
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        }
    }
}
