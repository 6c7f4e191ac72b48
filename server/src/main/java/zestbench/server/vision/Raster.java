package zestbench.server.vision;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;

/** A picture in memory. @param rgb a pixel each, row by row, 8 bits of red, green and blue */
record Raster(int width, int height, int[] rgb) {
    static Raster of(BufferedImage image) {
        int width = image.getWidth();
        int height = image.getHeight();
        return new Raster(width, height, image.getRGB(0, 0, width, height, null, 0, width));
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
        BufferedImage from = image();
        BufferedImage to = new BufferedImage(newWidth, newHeight, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = to.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        graphics.drawImage(from, 0, 0, newWidth, newHeight, null);
        graphics.dispose();
        return of(to);
    }

    private BufferedImage image() {
        BufferedImage out = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        out.setRGB(0, 0, width, height, rgb, 0, width);
        return out;
    }

    /** Green of a pixel, which is nearest to its brightness. */
    int green(int index) {
        return (rgb[index] >> 8) & 255;
    }
}
