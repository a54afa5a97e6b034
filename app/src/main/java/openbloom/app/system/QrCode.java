package openbloom.app.system;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.util.Map;

/** A picture that a camera reads an address from. */
public final class QrCode {
    private static final int CODE_MARGIN = 2;

    private QrCode() {}

    /** One path of dark squares on a light one. */
    public static String svg(String address) {
        try {
            BitMatrix squares = new QRCodeWriter()
                    .encode(
                            address,
                            BarcodeFormat.QR_CODE,
                            0,
                            0,
                            Map.of(
                                    EncodeHintType.MARGIN,
                                    CODE_MARGIN,
                                    EncodeHintType.ERROR_CORRECTION,
                                    ErrorCorrectionLevel.M));
            StringBuilder dark = new StringBuilder();
            for (int y = 0; y < squares.getHeight(); y++) {
                for (int x = 0; x < squares.getWidth(); x++) {
                    if (squares.get(x, y)) {
                        dark.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
                    }
                }
            }
            int side = squares.getWidth();
            return "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 " + side + ' ' + side + "\" width=\"" + side
                    + "\" height=\"" + side + "\"><path fill=\"#fff\" d=\"M0 0h" + side + 'v' + side + "h-" + side
                    + "z\"/><path fill=\"#000\" d=\"" + dark + "\"/></svg>";
        } catch (WriterException tooLong) {
            throw new IllegalArgumentException(
                    "Expected an address that fits a code, but was " + address.length() + " long", tooLong);
        }
    }
}
