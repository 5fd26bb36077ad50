package littlesummit.app.working;

import java.time.Clock;
import littlesummit.app.people.Person;
import littlesummit.app.picture.PictureReader;
import littlesummit.app.served.ServedItems;
import littlesummit.app.web.Problem;
import littlesummit.app.web.RequestKey;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Photos and scans of work on paper. */
@Service
public class PhotoService {
    private static final int MOST_PHOTOS = 12;
    private final PhotoRepository photos;
    private final WorkPages pages;
    private final WorkService work;
    private final ServedItems items;
    private final Clock clock;

    PhotoService(PhotoRepository photos, WorkPages pages, WorkService work, ServedItems items, Clock clock) {
        this.photos = photos;
        this.pages = pages;
        this.work = work;
        this.items = items;
        this.clock = clock;
    }

    /**
     * @param key of the request; the same one adds once
     * @throws Problem when it cannot be taken as a picture, or the page has enough of them
     */
    @Transactional
    public WorkService.Page add(Person person, String itemId, byte[] file, String key) {
        WorkPageEntity page = pages.own(person, itemId);
        String id = RequestKey.idOf(person.id(), key);
        if (photos.existsById(id)) {
            return work.page(person, itemId);
        }
        int count = photos.countByItemId(itemId);
        if (count >= MOST_PHOTOS) {
            throw Problem.badRequest("This page has " + MOST_PHOTOS + " photos already. Take one away first.");
        }
        photos.saveAndFlush(new PhotoEntity(id, itemId, count, PictureReader.read(file), clock.instant()));
        pages.edited(page);
        return work.page(person, itemId);
    }

    /** For its owner and the instructor of the class. */
    @Transactional(readOnly = true)
    public byte[] picture(Person person, String photoId) {
        PhotoEntity photo =
                photos.findById(photoId).orElseThrow(() -> Problem.notFound("There is no such photo for you."));
        items.requireSeen(person, photo.itemId());
        return photo.image();
    }

    @Transactional
    public WorkService.Page turn(Person person, String photoId) {
        PhotoEntity photo = own(person, photoId);
        photo.show(PictureReader.quarterTurn(photo.image()));
        photos.saveAndFlush(photo);
        return work.page(person, photo.itemId());
    }

    @Transactional
    public WorkService.Page remove(Person person, String photoId) {
        PhotoEntity photo = own(person, photoId);
        photos.delete(photo);
        photos.flush();
        pages.edited(pages.own(person, photo.itemId()));
        return work.page(person, photo.itemId());
    }

    private PhotoEntity own(Person person, String photoId) {
        PhotoEntity photo =
                photos.findById(photoId).orElseThrow(() -> Problem.notFound("There is no such photo for you."));
        items.require(person, photo.itemId());
        return photo;
    }
}
