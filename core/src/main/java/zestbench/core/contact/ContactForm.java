package zestbench.core.contact;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import zestbench.core.quantity.Letters;

/**
 * The contacts of a relay or a switch.
 *
 * @param changeovers contacts with a common, a normally open and a normally closed side
 * @param opens contacts that are open without a call
 * @param closes contacts that are closed without a call
 */
public record ContactForm(int changeovers, int opens, int closes) {
    public static final ContactForm CHANGEOVER = new ContactForm(1, 0, 0);

    /** One part of a form: how many poles, and what they do; ST is a plain normally open contact. */
    private static final Pattern PART = Pattern.compile("([SD2-9])P-?(DT|NO|NC|ST)(?:-?(NO|NC))?");

    /** Reads {@code SPDT}, {@code 4PDT}, {@code SPNO+SPNC}; empty where it is none of these. */
    public static Optional<ContactForm> of(String text) {
        int changeovers = 0;
        int opens = 0;
        int closes = 0;
        for (String part : Letters.large(text).replace(" ", "").split("[+/,&]")) {
            Matcher form = PART.matcher(part);
            if (!form.matches()) {
                return Optional.empty();
            }
            char count = form.group(1).charAt(0);
            int poles = count == 'S' ? 1 : count == 'D' ? 2 : count - '0';
            String does = form.group(2).equals("ST") && form.group(3) != null ? form.group(3) : form.group(2);
            changeovers += does.equals("DT") ? poles : 0;
            closes += does.equals("NC") ? poles : 0;
            opens += does.equals("NO") || does.equals("ST") ? poles : 0;
        }
        return Optional.of(new ContactForm(changeovers, opens, closes));
    }

    /** Whether every contact of {@code other} finds one here; separate circuits need separate poles. */
    public boolean serves(ContactForm other) {
        int spare = changeovers - other.changeovers;
        int missing = Math.max(0, other.opens - opens) + Math.max(0, other.closes - closes);
        return spare >= 0 && spare >= missing;
    }

    /** Names of its terminals, pole by pole. */
    public List<String> terminals() {
        List<String> out = new ArrayList<>();
        int poles = changeovers + opens + closes;
        for (int pole = 1; pole <= poles; pole++) {
            String number = poles == 1 ? "" : " " + pole;
            boolean isChangeover = pole <= changeovers;
            out.add("COM" + number);
            if (isChangeover || pole <= changeovers + opens) {
                out.add("NO" + number);
            }
            if (isChangeover || pole > changeovers + opens) {
                out.add("NC" + number);
            }
        }
        return out;
    }
}
