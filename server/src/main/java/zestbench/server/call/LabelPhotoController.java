package zestbench.server.call;

import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import zestbench.core.Families;
import zestbench.core.bench.PhotoRead;
import zestbench.core.bench.PhotoRead.PhotoReadView;
import zestbench.server.change.ChangesNothing;
import zestbench.server.sticker.Stickers;
import zestbench.server.sticker.Stickers.StickerView;
import zestbench.server.vision.PhotoReader;
import zestbench.server.vision.PhotoText;

/** A photo of a label as the screen shows it for one look: each piece with its place. Nothing is kept. */
@RestController
class LabelPhotoController {
    private final PhotoReader photos;
    private final Stickers stickers;

    LabelPhotoController(PhotoReader photos, Stickers stickers) {
        this.photos = photos;
        this.stickers = stickers;
    }

    /**
     * @param boxes of the pieces, in their order; four corners each, in px of the upright picture
     * @param sticker of a unit's panel, where one is on it
     * @param others labels on the same photo, which were not read
     * @param turned degrees clockwise by which the photo has to be turned to be upright
     */
    record LabelPhotoView(
            @NotNull PhotoReadView read,
            int width,
            int height,
            int turned,
            List<@Nullable List<List<Integer>>> boxes,
            List<PhotoLineView> lines,
            List<PhotoText.Code> codes,
            @Nullable StickerView sticker,
            List<OtherLabelView> others) {}

    /** A label beside the one that was read. @param title of its kind @param box about it */
    record OtherLabelView(String title, @Nullable List<List<Integer>> box) {}

    /** A line whose words are all known is understood, though it names no figure. */
    private static boolean isTaken(PhotoText.Line line, PhotoReadView read) {
        return read.pieces().stream().anyMatch(p -> p.start() < line.end() && line.start() < p.end())
                || read.unread().stream().noneMatch(line.text()::contains);
    }

    /** A recognised line. @param isTaken whether a piece of it was understood */
    record PhotoLineView(String text, int start, List<List<Integer>> box, boolean isTaken) {}

    /** @param ahead photos that are being read or wait before one that comes now */
    record PhotoQueueView(int ahead) {}

    @GetMapping("/api/photo-queue")
    PhotoQueueView queue() {
        return new PhotoQueueView(photos.inQueue());
    }

    @ChangesNothing
    @PostMapping(value = "/api/label-photo", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    LabelPhotoView read(
            @RequestParam(defaultValue = Families.AUTO) String kind, @RequestParam("photo") MultipartFile photo)
            throws IOException {
        Families.read(kind, "");
        PhotoText.Labels labels = photos.read(photo.getBytes()).labels(kind);
        PhotoText seen = labels.label();
        PhotoReadView read = PhotoRead.of(kind, seen.seen());
        return new LabelPhotoView(
                read,
                seen.width(),
                seen.height(),
                seen.turned(),
                read.pieces().stream().map(p -> seen.box(p.start(), p.end())).toList(),
                seen.lines().stream()
                        .map(l -> new PhotoLineView(l.text(), l.start(), l.box(), isTaken(l, read)))
                        .toList(),
                seen.codes(),
                stickers.of(seen.codes()).orElse(null),
                labels.others().stream()
                        .map(l -> new OtherLabelView(
                                PhotoRead.of(Families.AUTO, l.seen()).title(), l.box()))
                        .toList());
    }
}
