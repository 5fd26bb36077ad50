package littlesummit.app.working;

import java.io.IOException;
import java.util.concurrent.TimeUnit;
import littlesummit.app.people.Person;
import littlesummit.app.web.RequestKey;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Adding, showing, turning and taking away photos of a page. */
@RestController
class PhotoController {
    private final PhotoService photos;

    PhotoController(PhotoService photos) {
        this.photos = photos;
    }

    @PostMapping(path = "/api/items/{itemId}/photos", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    WorkService.Page add(
            @AuthenticationPrincipal Person person,
            @PathVariable String itemId,
            @RequestHeader(RequestKey.HEADER) String key,
            @RequestPart MultipartFile file)
            throws IOException {
        return photos.add(person, itemId, file.getBytes(), RequestKey.valid(key));
    }

    @GetMapping(path = "/api/photos/{photoId}", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> show(@AuthenticationPrincipal Person person, @PathVariable String photoId) {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .header("X-Content-Type-Options", "nosniff")
                .cacheControl(CacheControl.maxAge(0, TimeUnit.SECONDS).cachePrivate())
                .body(photos.picture(person, photoId));
    }

    @PostMapping("/api/photos/{photoId}/turn")
    WorkService.Page turn(@AuthenticationPrincipal Person person, @PathVariable String photoId) {
        return photos.turn(person, photoId);
    }

    @DeleteMapping("/api/photos/{photoId}")
    WorkService.Page remove(@AuthenticationPrincipal Person person, @PathVariable String photoId) {
        return photos.remove(person, photoId);
    }
}
