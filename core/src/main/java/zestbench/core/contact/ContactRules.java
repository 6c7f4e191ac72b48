package zestbench.core.contact;

import static zestbench.core.judgement.Criterion.NOT_ON_LABEL;
import static zestbench.core.judgement.Grade.LIKE_FOR_LIKE;
import static zestbench.core.judgement.Grade.REFUSED;
import static zestbench.core.judgement.Grade.SUITABLE;
import static zestbench.core.judgement.Grade.UNDECIDED;

import java.util.Optional;
import zestbench.core.family.SpecPair;
import zestbench.core.judgement.Mark;

/** What contacts of another relay or switch have to be. */
public final class ContactRules {
    private ContactRules() {}

    /** A changeover contact serves as either of the others; the other way round it does not. */
    public static void form(SpecPair p) {
        Optional<String> old = p.needed.text("contacts");
        Optional<String> now = p.offered.text("contacts");
        Optional<ContactForm> need = old.flatMap(ContactForm::of);
        Optional<ContactForm> have = now.flatMap(ContactForm::of);
        if (need.isEmpty() || have.isEmpty()) {
            boolean same = old.isPresent() && old.equals(now);
            p.ask("Which contact form is drawn on it: SPDT, DPDT, SPNO?");
            p.add(
                    "contacts",
                    old.orElse(NOT_ON_LABEL),
                    now.orElse(NOT_ON_LABEL),
                    same ? LIKE_FOR_LIKE : UNDECIDED,
                    Mark.PRACTICE,
                    "the form has to be known");
            return;
        }
        boolean serves = have.get().serves(need.get());
        boolean same = need.equals(have);
        p.add(
                "contacts",
                old.orElse(""),
                now.orElse(""),
                same ? LIKE_FOR_LIKE : serves ? SUITABLE : REFUSED,
                Mark.PRACTICE,
                same
                        ? "same contacts"
                        : serves
                                ? "has every contact the old one used, and more"
                                : "a contact of the old one is missing");
    }
}
