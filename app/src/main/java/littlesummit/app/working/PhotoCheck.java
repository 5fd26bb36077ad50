package littlesummit.app.working;

import littlesummit.app.picture.PictureReader;
import littlesummit.app.web.Problem;

/** Whether bytes that come from elsewhere are a photo as it is kept here. */
public final class PhotoCheck {
    private PhotoCheck() {}

    /** A JPEG picture that can be opened. */
    public static boolean isPhoto(byte[] bytes) {
        boolean isJpeg = bytes.length > 2 && (bytes[0] & 0xff) == 0xff && (bytes[1] & 0xff) == 0xd8;
        try {
            PictureReader.read(bytes);
            return isJpeg;
        } catch (Problem none) {
            return false;
        }
    }
}
