package zestbench.server.vision;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.awt.image.DirectColorModel;
import java.awt.image.WritableRaster;

/** A picture in memory. @param rgb a pixel each, row by row, 8 bits of red, green and blue */
record Raster(int width, int height, int[] rgb) {
    static Raster of(BufferedImage image) {
        return drawn(image, image.getWidth(), image.getHeight());
    }

    private static Raster drawn(BufferedImage image, int width, int height) {
        BufferedImage to = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = to.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        graphics.drawImage(image, 0, 0, width, height, null);
        graphics.dispose();
        return new Raster(width, height, ((DataBufferInt) to.getRaster().getDataBuffer()).getData());
    }

    /** @param degrees clockwise, a multiple of 90 */
    Raster turned(int degrees) {
        int quarter = Math.floorMod(degrees, 360) / 90;
        if (quarter == 0) {
            return this;
        }
        boolean swaps = quarter % 2 == 1;
        int newWidth = swaps ? height : width;
        int newHeight = swaps ? width : height;
        int[] out = new int[rgb.length];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                int toX = quarter == 1 ? height - 1 - y : quarter == 2 ? width - 1 - x : y;
                int toY = quarter == 1 ? x : quarter == 2 ? height - 1 - y : width - 1 - x;
                out[toY * newWidth + toX] = rgb[y * width + x];
            }
        }
        return new Raster(newWidth, newHeight, out);
    }

    Raster scaled(int newWidth, int newHeight) {
        if (newWidth == width && newHeight == height) {
            return this;
        }
        return drawn(image(), newWidth, newHeight);
    }

    /** The same pixels, not a copy of them. */
    private BufferedImage image() {
        int[] masks = {0xff0000, 0xff00, 0xff};
        WritableRaster pixels = java.awt.image.Raster.createPackedRaster(
                new DataBufferInt(rgb, rgb.length), width, height, width, masks, null);
        return new BufferedImage(new DirectColorModel(24, masks[0], masks[1], masks[2]), pixels, false, null);
    }

    /** Green of a pixel, which is nearest to its brightness. */
    int green(int index) {
        return (rgb[index] >> 8) & 255;
    }

    /** The part of it from {@code left} and {@code top} on. */
    Raster part(int left, int top, int wide, int high) {
        int[] out = new int[wide * high];
        for (int y = 0; y < high; y++) {
            System.arraycopy(rgb, (top + y) * width + left, out, y * wide, wide);
        }
        return new Raster(wide, high, out);
    }
}
