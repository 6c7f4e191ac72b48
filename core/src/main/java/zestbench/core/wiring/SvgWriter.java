package zestbench.core.wiring;

import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import zestbench.core.quantity.Figures;

/** Writes a drawing as SVG; screen, print and PDF use the same. Ink and marking follow the page's theme where it names them. */
public final class SvgWriter {
    /** Insulation colours as drawn; any other name is drawn grey and told apart by its words. */
    private static final Map<String, String> COLOURS = Map.ofEntries(
            Map.entry("black", "#23282a"),
            Map.entry("white", "#ffffff"),
            Map.entry("red", "#c62828"),
            Map.entry("orange", "#e8862a"),
            Map.entry("yellow", "#e6c619"),
            Map.entry("brown", "#7a4a21"),
            Map.entry("blue", "#2458b5"),
            Map.entry("purple", "#7c4aa5"),
            Map.entry("green", "#2f8a48"),
            Map.entry("grey", "#8d9490"),
            Map.entry("pink", "#e59ab5"),
            Map.entry("tan", "#c8a878"));

    private static final String INK = "var(--zb-ink,#14201a)";
    private static final String SHEET = "var(--zb-sheet,#fffefa)";
    /** Drawn around words, so that they read where a wire passes behind them. */
    private static final String PAPER = "var(--zb-paper,#faf8f1)";

    private static final String LEMON = "var(--zb-lemon,#f6d21f)";

    private SvgWriter() {}

    /** The colours a wire can be given by name, each as it is drawn. */
    public static Map<String, String> colours() {
        return new TreeMap<>(COLOURS);
    }

    /** A complete SVG element. @param title read out in place of the picture */
    public static String write(Drawing drawing, String title) {
        StringBuilder out = new StringBuilder();
        out.append("<svg xmlns=\"http://www.w3.org/2000/svg\" role=\"img\" viewBox=\"0 0 ")
                .append(number(drawing.width()))
                .append(' ')
                .append(number(drawing.height()))
                .append("\"><title>")
                .append(escaped(title))
                .append("</title>");
        for (Shape shape : drawing.shapes()) {
            out.append(element(shape));
        }
        return out.append("</svg>").toString();
    }

    private static String element(Shape shape) {
        if (shape instanceof Shape.Circle c) {
            return "<circle cx=\"" + number(c.x()) + "\" cy=\"" + number(c.y()) + "\" r=\"" + number(c.radius())
                    + "\" fill=\"" + SHEET + "\" stroke=\"" + INK + "\" stroke-width=\"2\"/>";
        }
        if (shape instanceof Shape.Box b) {
            return "<rect x=\"" + number(b.x()) + "\" y=\"" + number(b.y()) + "\" width=\"" + number(b.width())
                    + "\" height=\"" + number(b.height()) + "\" fill=\"" + SHEET + "\" stroke=\"" + INK
                    + "\" stroke-width=\"2\"/>";
        }
        if (shape instanceof Shape.Spade s) {
            return spade(s);
        }
        if (shape instanceof Shape.Number n) {
            return "<circle cx=\"" + number(n.x()) + "\" cy=\"" + number(n.y()) + "\" r=\"11\" fill=\"" + SHEET
                    + "\" stroke=\"" + INK + "\" stroke-width=\"2\"/>"
                    + "<text x=\"" + number(n.x()) + "\" y=\"" + number(n.y() + 5.5)
                    + "\" text-anchor=\"middle\" font-family=\"Source Sans 3 Variable,sans-serif\""
                    + " font-weight=\"700\" font-size=\"15\" fill=\"" + INK + "\">" + n.number() + "</text>";
        }
        if (shape instanceof Shape.Line l) {
            return line(l);
        }
        Shape.Label label = (Shape.Label) shape;
        String font = label.isName()
                ? "font-family=\"Barlow Condensed,sans-serif\" font-weight=\"600\" font-size=\"16\""
                : "font-family=\"Source Sans 3 Variable,sans-serif\" font-size=\"15.5\"";
        String anchor = label.anchor() == Shape.Anchor.MIDDLE ? "middle" : "start";
        return "<text x=\"" + number(label.x()) + "\" y=\"" + number(label.y()) + "\" text-anchor=\"" + anchor + "\" "
                + font + " fill=\"" + INK + "\" paint-order=\"stroke\" stroke=\"" + PAPER + "\" stroke-width=\"4\">"
                + escaped(label.text()) + "</text>";
    }

    private static String spade(Shape.Spade s) {
        String box = "<rect x=\"" + number(s.x() - 13) + "\" y=\"" + number(s.y() - 6)
                + "\" width=\"26\" height=\"13\" fill=\"" + SHEET + "\" stroke=\"" + INK + "\" stroke-width=\"2\"/>";
        if (!s.capped()) {
            return box;
        }
        return box + "<path d=\"M" + number(s.x() - 10) + ' ' + number(s.y() - 3) + "l20 7m-20 0l20 -7\" stroke=\""
                + INK + "\" stroke-width=\"2\" fill=\"none\"/>";
    }

    private static String line(Shape.Line l) {
        String path = "d=\"M"
                + l.points().stream()
                        .map(p -> number(p.x()) + " " + number(p.y()))
                        .collect(Collectors.joining("L"))
                + "\" fill=\"none\" stroke-linejoin=\"round\"";
        StringBuilder out = new StringBuilder();
        if (l.moved()) {
            out.append(stroke(path, INK, 16, "")).append(stroke(path, LEMON, 13, ""));
        }
        out.append(stroke(path, INK, 8, "")).append(stroke(path, COLOURS.getOrDefault(l.colour(), "#b9bdb6"), 5, ""));
        if (!l.tracer().isEmpty()) {
            out.append(stroke(path, COLOURS.getOrDefault(l.tracer(), "#ffffff"), 2, " stroke-dasharray=\"7 5\""));
        }
        return out.toString();
    }

    private static String stroke(String path, String colour, int width, String more) {
        return "<path " + path + " stroke=\"" + colour + "\" stroke-width=\"" + width + "\"" + more + "/>";
    }

    private static String number(double x) {
        return Figures.fixed(x, 1).replace('−', '-');
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }
}
