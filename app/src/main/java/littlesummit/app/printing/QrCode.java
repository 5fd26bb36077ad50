package littlesummit.app.printing;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.util.Map;
import org.openpdf.text.BadElementException;
import org.openpdf.text.Image;
import org.openpdf.text.pdf.PdfTemplate;
import org.openpdf.text.pdf.PdfWriter;

/** A QR code (ISO/IEC 18004) as black squares that stay sharp at any size. */
final class QrCode {
    private static final Map<EncodeHintType, Object> HINTS =
            Map.of(EncodeHintType.ERROR_CORRECTION, ErrorCorrectionLevel.M, EncodeHintType.MARGIN, 0);

    private QrCode() {}

    /** @param side of the square, in points */
    static Image of(String text, float side, PdfWriter writer) {
        BitMatrix dots = dots(text);
        float dot = side / dots.getWidth();
        PdfTemplate square = writer.getDirectContent().createTemplate(side, side);
        for (int x = 0; x < dots.getWidth(); x++) {
            for (int y = 0; y < dots.getHeight(); y++) {
                if (dots.get(x, y)) {
                    square.rectangle(x * dot, side - (y + 1) * dot, dot, dot);
                }
            }
        }
        square.fill();
        try {
            return Image.getInstance(square);
        } catch (BadElementException bug) {
            throw new IllegalStateException(bug);
        }
    }

    private static BitMatrix dots(String text) {
        try {
            return new QRCodeWriter().encode(text, BarcodeFormat.QR_CODE, 0, 0, HINTS);
        } catch (WriterException tooLong) {
            throw new IllegalArgumentException(tooLong);
        }
    }
}
