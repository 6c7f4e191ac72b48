package zestbench.server.call;

import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import zestbench.core.Families;
import zestbench.core.bench.PhotoRead;
import zestbench.core.bench.PhotoRead.PhotoReadView;
import zestbench.server.change.ChangesNothing;
import zestbench.server.vision.PhotoReader;
import zestbench.server.vision.PhotoText;

/** A photo of a label as the screen shows it for one look: each piece with its place. Nothing is kept. */
@RestController
class LabelPhotoController {
    private final PhotoReader photos;

    LabelPhotoController(PhotoReader photos) {
        this.photos = photos;
    }

    /**
     * @param boxes of the pieces, in their order; four corners each, in px of the upright picture
     * @param turned degrees clockwise by which the photo has to be turned to be upright
     */
    record LabelPhotoView(
            @NotNull PhotoReadView read,
            int width,
            int height,
            int turned,
            List<@Nullable List<List<Integer>>> boxes,
            List<PhotoLineView> lines,
            List<PhotoText.Code> codes) {}

    /** A recognised line. @param isTaken whether a piece of it was understood */
    record PhotoLineView(String text, int start, List<List<Integer>> box, boolean isTaken) {}

    @ChangesNothing
    @PostMapping(value = "/api/label-photo", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    LabelPhotoView read(
            @RequestParam(defaultValue = Families.AUTO) String kind, @RequestParam("photo") MultipartFile photo)
            throws IOException {
        Families.read(kind, "");
        PhotoText seen = photos.read(photo.getBytes());
        PhotoReadView read = PhotoRead.of(kind, seen.seen());
        return new LabelPhotoView(
                read,
                seen.width(),
                seen.height(),
                seen.turned(),
                read.pieces().stream().map(p -> seen.box(p.start(), p.end())).toList(),
                seen.lines().stream()
                        .map(l -> new PhotoLineView(
                                l.text(),
                                l.start(),
                                l.box(),
                                read.pieces().stream().anyMatch(p -> p.start() < l.end() && l.start() < p.end())))
                        .toList(),
                seen.codes());
    }
}
