package zestbench.server.api;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import zestbench.core.Families;
import zestbench.core.label.LabelRead;
import zestbench.server.api.ApiModels.Doubt;
import zestbench.server.api.ApiModels.PhotoAnswer;
import zestbench.server.api.ApiModels.PhotoLine;
import zestbench.server.api.ApiModels.PlacedPiece;
import zestbench.server.api.ApiModels.ReadAnswer;
import zestbench.server.change.ChangesNothing;
import zestbench.server.vision.PhotoReader;
import zestbench.server.vision.PhotoText;

/** Reads a label from its photo: recognised here, understood by the same reader that reads typed text. Nothing is kept. */
@ChangesNothing
@RestController
class ReadPhotoController {
    private static final String PATH = "/api/read-photo";

    private final PhotoReader photos;
    private final Computing computing;

    ReadPhotoController(PhotoReader photos, Computing computing) {
        this.photos = photos;
        this.computing = computing;
    }

    @PostMapping(path = PATH, consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    PhotoAnswer form(@RequestParam(required = false) @Nullable String kind, @RequestParam("photo") MultipartFile photo)
            throws IOException {
        return read(kind, photo.getBytes());
    }

    @PostMapping(
            path = PATH,
            consumes = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE, "image/webp"})
    PhotoAnswer picture(@RequestParam(required = false) @Nullable String kind, @RequestBody byte[] photo) {
        return read(kind, photo);
    }

    private PhotoAnswer read(@Nullable String kind, byte[] photo) {
        String as = kind == null || kind.isBlank() ? Families.AUTO : kind;
        // a kind that is none is said before the picture is worked on
        Families.read(as, "");
        PhotoText whole = photos.read(photo);
        PhotoText.Labels labels = computing.run(() -> whole.labels(as));
        PhotoText seen = labels.label();
        LabelRead label =
                computing.run(() -> seen.seen().read(t -> Families.read(as, t))).label();
        ReadAnswer read = ApiController.answer(label);
        List<Doubt> doubts = new ArrayList<>(read.doubts());
        if (seen.lines().isEmpty()) {
            doubts.add(
                    0,
                    new Doubt("photo", "no text was found: go nearer, keep the glare off, hold the label level", null));
        }
        if (!labels.others().isEmpty()) {
            doubts.add(
                    0,
                    new Doubt(
                            "photo",
                            "the picture shows several labels, this is one of them: photograph each alone",
                            null));
        }
        return new PhotoAnswer(
                read.kind(),
                read.sure(),
                read.fields(),
                read.reads().stream()
                        .map(p -> new PlacedPiece(
                                p.field(), p.text(), p.start(), p.end(), p.sure(), seen.box(p.start(), p.end())))
                        .toList(),
                doubts,
                read.unread(),
                seen.text(),
                seen.width(),
                seen.height(),
                seen.turned(),
                seen.lines().stream()
                        .map(l -> new PhotoLine(l.text(), l.sure(), l.box()))
                        .toList(),
                seen.codes());
    }
}
