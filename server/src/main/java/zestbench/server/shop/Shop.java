package zestbench.server.shop;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;
import zestbench.core.shop.School;
import zestbench.core.shop.ShopRules;
import zestbench.server.api.RulesPart;
import zestbench.server.data.CommittedCache;
import zestbench.server.json.StrictJson;
import zestbench.server.person.Sender;
import zestbench.server.problem.Outdated;

/** The rules in force, every earlier set kept, so that a judgement can be read under the rules it was made under. */
@Service
public class Shop {
    /** One set of rules. */
    @Entity(name = "shop_rules")
    static class Kept {
        @Id
        @GeneratedValue(strategy = GenerationType.IDENTITY)
        private @Nullable Long id;

        private Instant at = Instant.EPOCH;
        private String who = "";

        @Lob
        private String rules = "";

        protected Kept() {}

        Kept(Instant at, String who, String rules) {
            this.at = at;
            this.who = who;
            this.rules = rules;
        }
    }

    /** Rules with the number judgements are kept under; 0 while the defaults were never changed. */
    public record InForce(
            long number,
            ShopRules rules,
            @Nullable Long sinceMillis,
            @Nullable String who) {}

    private static final String NOW = "now";

    private final ShopRulesRepository store;
    private final JsonMapper json;
    private final Clock clock;
    private final CommittedCache<String, InForce> known = new CommittedCache<>(1, (key, value) -> 1);

    Shop(ShopRulesRepository store, JsonMapper json, Clock clock) {
        this.store = store;
        this.json = StrictJson.kept(json);
        this.clock = clock;
    }

    public InForce inForce() {
        return known.get(NOW, key -> read());
    }

    private InForce read() {
        Kept last = store.findFirstByOrderByIdDesc();
        if (last == null) {
            return new InForce(0, ShopRules.DEFAULT, null, null);
        }
        ShopRules rules = json.readValue(last.rules, RulesPart.class).over(ShopRules.DEFAULT);
        return new InForce(Objects.requireNonNull(last.id), rules, last.at.toEpochMilli(), last.who);
    }

    @Transactional
    InForce change(RulesPart part, @Nullable Long seen, String who) {
        InForce now = inForce();
        if (!Outdated.isCurrent(seen, now.number())) {
            throw new Outdated("The rules were changed meanwhile.", Http.view(now), part);
        }
        ShopRules rules = part.over(now.rules());
        put(rules, who);
        return inForce();
    }

    /** Puts a whole set in force. */
    @Transactional
    public void put(ShopRules rules, String who) {
        store.save(new Kept(clock.instant(), who, json.writeValueAsString(rules)));
        known.forget(NOW);
    }

    /** Rules over HTTP. */
    @RestController
    static class Http {
        private final Shop shop;

        Http(Shop shop) {
            this.shop = shop;
        }

        record RulesView(
                long number,
                ShopRules rules,
                ShopRules defaults,
                @Nullable Long sinceMillis,
                @Nullable String who,
                List<School> schools) {}

        @GetMapping("/api/rules")
        RulesView rules() {
            return view(shop.inForce());
        }

        /** @param version number of the rules that were looked at */
        @PutMapping("/api/rules")
        RulesView change(
                @RequestBody RulesPart part, @RequestParam(required = false) @Nullable Long version, Sender sender) {
            return view(shop.change(part, version, sender.who()));
        }

        private static RulesView view(InForce now) {
            return new RulesView(
                    now.number(), now.rules(), ShopRules.DEFAULT, now.sinceMillis(), now.who(), School.ALL);
        }
    }
}
