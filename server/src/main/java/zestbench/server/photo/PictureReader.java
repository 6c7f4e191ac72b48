package zestbench.server.photo;

import java.io.IOException;
import java.io.UncheckedIOException;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.core.convert.converter.Converter;
import org.springframework.stereotype.Component;
import org.springframework.web.multipart.MultipartFile;

/** Reads a photo while its request is taken in: a large one holds up nobody's change. */
@Component
class PictureReader implements Converter<MultipartFile, Picture> {
    static {
        SpringDocUtils.getConfig().addFileType(Picture.class);
    }

    @Override
    public Picture convert(MultipartFile file) {
        try {
            return Picture.of(file.getBytes());
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        }
    }
}
