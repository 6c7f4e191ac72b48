package zestbench.server.vision;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.MultiFormatReader;
import com.google.zxing.NotFoundException;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.Result;
import com.google.zxing.ResultPoint;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.multi.GenericMultipleBarcodeReader;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import zestbench.server.vision.PhotoText.Code;

/** Bar codes and QR codes of a picture. */
final class Codes {
    /** What plates and stickers carry; others are found in lines of plain text too easily. */
    private static final Map<DecodeHintType, Object> HINTS = Map.of(
            DecodeHintType.TRY_HARDER,
            true,
            DecodeHintType.POSSIBLE_FORMATS,
            List.of(
                    BarcodeFormat.QR_CODE,
                    BarcodeFormat.DATA_MATRIX,
                    BarcodeFormat.CODE_128,
                    BarcodeFormat.CODE_39,
                    BarcodeFormat.CODE_93,
                    BarcodeFormat.EAN_13,
                    BarcodeFormat.UPC_A));

    private Codes() {}

    /** @param scale from pixels of {@code picture} to those of the picture that was given */
    static List<Code> of(Raster picture, double scale) {
        BinaryBitmap bitmap = new BinaryBitmap(
                new HybridBinarizer(new RGBLuminanceSource(picture.width(), picture.height(), picture.rgb())));
        try {
            Result[] found = new GenericMultipleBarcodeReader(new MultiFormatReader()).decodeMultiple(bitmap, HINTS);
            List<Code> out = new ArrayList<>();
            for (Result result : found) {
                List<ResultPoint> points = Arrays.stream(result.getResultPoints())
                        .filter(java.util.Objects::nonNull)
                        .toList();
                out.add(new Code(result.getBarcodeFormat().name(), result.getText(), corners(points, scale)));
            }
            return out;
        } catch (NotFoundException none) {
            return List.of();
        }
    }

    private static List<List<Integer>> corners(List<ResultPoint> points, double scale) {
        int left = (int) (points.stream().mapToDouble(ResultPoint::getX).min().orElse(0) * scale);
        int right = (int) (points.stream().mapToDouble(ResultPoint::getX).max().orElse(0) * scale);
        int top = (int) (points.stream().mapToDouble(ResultPoint::getY).min().orElse(0) * scale);
        int bottom = (int) (points.stream().mapToDouble(ResultPoint::getY).max().orElse(0) * scale);
        return List.of(List.of(left, top), List.of(right, top), List.of(right, bottom), List.of(left, bottom));
    }
}
