package zestbench.core.label;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** The colours of leads as labels print them. */
public final class LeadColours {
    /** Each colour by its name, with the words for it: in full, short, and in other languages. */
    public static final Map<String, String[]> WORDS = Collections.unmodifiableMap(colours());

    private LeadColours() {}

    private static Map<String, String[]> colours() {
        Map<String, String[]> out = new LinkedHashMap<>();
        out.put("WHITE", new String[] {"white", "wht", "wh", "blanc", "blanco"});
        out.put("BLACK", new String[] {"black", "blk", "bk", "noir", "negro"});
        out.put("RED", new String[] {"red", "rd", "rouge", "rojo"});
        out.put("ORANGE", new String[] {"orange", "org", "orn", "or"});
        out.put("BROWN", new String[] {"brown", "brn", "br", "brun", "marron"});
        out.put("BLUE", new String[] {"blue", "blu", "bl", "bleu", "azul"});
        out.put("YELLOW", new String[] {"yellow", "yel", "ye", "yl", "jaune", "amarillo"});
        out.put("GREEN", new String[] {"green", "grn", "gn", "vert", "verde"});
        out.put("GRAY", new String[] {"gray", "grey", "gry", "gy", "gris"});
        out.put("VIOLET", new String[] {"violet", "vio", "purple", "pur"});
        out.put("PINK", new String[] {"pink", "pnk"});
        return out;
    }
}
