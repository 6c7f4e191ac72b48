package zestbench.server.sticker;

import java.io.IOException;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import zestbench.server.change.ChangesNothing;
import zestbench.server.sticker.Stickers.StickerView;
import zestbench.server.vision.PhotoReader;

/** Finds the unit whose panel sticker is on a photo. Nothing is kept. */
@RestController
class ScanController {
    private final PhotoReader photos;
    private final Stickers stickers;

    ScanController(PhotoReader photos, Stickers stickers) {
        this.photos = photos;
        this.stickers = stickers;
    }

    @ChangesNothing
    @PostMapping(value = "/api/scan", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    StickerView scan(@RequestParam("photo") MultipartFile photo) throws IOException {
        return stickers.of(photos.codes(photo.getBytes()))
                .orElseGet(() -> new StickerView(
                        null, "No panel sticker was found: go nearer, keep the whole code in the picture."));
    }
}
