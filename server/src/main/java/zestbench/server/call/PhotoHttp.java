package zestbench.server.call;

import java.io.IOException;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import zestbench.core.tape.Entry;
import zestbench.server.call.CallViews.CallView;
import zestbench.server.person.Sender;
import zestbench.server.photo.Photos;

/** Photos of a part over HTTP. */
@RestController
class PhotoHttp {
    private final Photos photos;
    private final Calls calls;
    private final Once once;

    PhotoHttp(Photos photos, Calls calls, Once once) {
        this.photos = photos;
        this.calls = calls;
        this.once = once;
    }

    @PostMapping(value = "/api/calls/{id}/parts/{part}/photos", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    CallView attach(
            @PathVariable long id, @PathVariable String part, @RequestParam("photo") MultipartFile photo, Sender sender)
            throws IOException {
        byte[] bytes = photo.getBytes();
        return once.change(id, sender, () -> {
            calls.working(id).part(part);
            calls.add(id, sender.who(), new Entry.PhotoAdded(part, photos.keep(bytes)));
        });
    }

    @GetMapping(value = "/api/photos/{name}", produces = MediaType.IMAGE_JPEG_VALUE)
    byte[] photo(@PathVariable String name) {
        return photos.get(name);
    }
}
