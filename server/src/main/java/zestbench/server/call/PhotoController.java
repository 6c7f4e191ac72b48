package zestbench.server.call;

import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zestbench.core.call.OnPart;
import zestbench.server.call.CallViews.CallView;
import zestbench.server.person.Sender;
import zestbench.server.photo.Photos;
import zestbench.server.photo.Picture;
import zestbench.server.tape.Calls;

/** Photos of a part over HTTP. */
@RestController
class PhotoController {
    private final Photos photos;
    private final Calls calls;
    private final CallTeller teller;

    PhotoController(Photos photos, Calls calls, CallTeller teller) {
        this.photos = photos;
        this.calls = calls;
        this.teller = teller;
    }

    @PostMapping(value = "/api/calls/{id}/parts/{part}/photos", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    CallView attach(
            @PathVariable long id, @PathVariable String part, @RequestParam("photo") Picture photo, Sender sender) {
        // a part that is not there keeps no photo
        calls.working(id).part(part);
        return teller.after(id, sender, new OnPart.KeepPhoto(part, photos.keep(photo)));
    }

    @GetMapping(value = "/api/photos/{name}", produces = MediaType.IMAGE_JPEG_VALUE)
    byte[] photo(@PathVariable String name) {
        return photos.get(name);
    }
}
