package zestbench.server.call;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import zestbench.core.bench.LeaveViews.OptionView;
import zestbench.core.call.OnLeaving;
import zestbench.core.call.PartMatch;
import zestbench.core.options.CustomerOption;
import zestbench.core.proof.ProofFigure;
import zestbench.core.proof.ProofPoint;
import zestbench.core.proof.Wander;
import zestbench.core.quantity.InputProblem;
import zestbench.core.tape.Entry;
import zestbench.server.call.CallViews.CallView;
import zestbench.server.change.ChangesNothing;
import zestbench.server.person.Sender;
import zestbench.server.shop.Shop;
import zestbench.server.tape.Calls;
import zestbench.server.truck.Truck;

/** The proof of the unit, write-ups and options over HTTP. */
@RestController
@RequestMapping("/api/calls/{id}")
class CloseoutController {
    private final Calls calls;
    private final Truck truck;
    private final Shop shop;
    private final CallTeller teller;

    CloseoutController(Calls calls, Truck truck, Shop shop, CallTeller teller) {
        this.calls = calls;
        this.truck = truck;
        this.shop = shop;
        this.teller = teller;
    }

    record UnitTick(
            @NotBlank(message = "give the line") @Size(max = 60)
            String key,

            boolean on) {}

    record ProofReading(
            @NotNull(message = "say which point was read") ProofPoint point,

            @NotNull(message = "give the figure that was read")
            Double value,

            @Nullable Integer circuit) {}

    /** @param figure that does not stand still @param low least that was seen @param high most @param minutes watched */
    record WanderGiven(
            @NotNull(message = "say which figure") ProofFigure figure,

            @NotNull(message = "give the least that was seen")
            Double low,

            @NotNull(message = "give the most that was seen")
            Double high,

            @NotNull(message = "give for how many minutes it was watched")
            Double minutes,

            @Nullable Integer circuit) {}

    /** @param why the unit can do no better; asked where it is kept as its best with something out */
    record ProofKeeping(
            boolean isBenchmark,

            @Nullable @Size(max = 300, message = "give up to 300 characters")
            String why) {}

    /** @param part it is about, with whose replacement it ends; left out where it is about none @param until the day to look again */
    record WriteUpGiven(
            @Nullable @Size(max = 80, message = "give up to 80 characters")
            String place,

            @NotBlank(message = "say what was seen") @Size(max = 300, message = "give up to 300 characters")
            String what,

            @Nullable @Size(max = 300, message = "give up to 300 characters")
            String why,

            @NotNull(message = "say how long it can wait: TAGGED_OUT, OFF, NOW, SOON or WATCH")
            Entry.Urgency urgency,

            @Nullable @Size(max = 60) String part,

            @Nullable LocalDate until) {}

    record WriteUpEnd(
            @NotBlank(message = "say how it ended, such as done, or no longer so")
            @Size(max = 300, message = "give up to 300 characters")
            String how) {}

    record OptionLine(
            @NotBlank(message = "name the part") @Size(max = 200, message = "give up to 200 characters")
            String name,

            int count,
            @Nullable Double each) {}

    record OptionReason(
            @NotBlank(message = "give the reason") @Size(max = 300, message = "give up to 300 characters")
            String words,

            boolean speaksFor) {}

    record OptionGiven(
            @NotBlank(message = "give a key") @Size(max = 60)
            String key,

            @NotNull(message = "give STOPGAP, PROPER, BETTER, OUTDOOR_UNIT or SYSTEM")
            CustomerOption.Tier tier,

            @NotBlank(message = "say what is done") @Size(max = 300, message = "give up to 300 characters")
            String words,

            @NotNull(message = "give its parts, none as an empty list") @Size(max = 20, message = "give up to 20 parts")
            List<@NotNull(message = "give a part") @Valid OptionLine> parts,

            double labour,

            @Nullable @Size(max = 100, message = "give up to 100 characters")
            String warranty,

            @Nullable @Size(max = 12, message = "give up to 12 reasons")
            List<@NotNull(message = "give a reason") @Valid OptionReason> weighs) {
        CustomerOption option(String field) {
            try {
                List<CustomerOption.Line> lines = new ArrayList<>();
                for (OptionLine line : parts) {
                    lines.add(new CustomerOption.Line(line.name().strip(), line.count(), line.each()));
                }
                String promised = warranty == null || warranty.isBlank() ? null : warranty.strip();
                List<CustomerOption.Weighed> reasons = new ArrayList<>();
                if (weighs != null) {
                    weighs.forEach(w -> reasons.add(new CustomerOption.Weighed(w.words(), w.speaksFor())));
                }
                return new CustomerOption(key, tier, words.strip(), lines, labour, promised, reasons);
            } catch (InputProblem problem) {
                throw problem.within(field);
            }
        }
    }

    record OptionsGiven(
            @NotNull(message = "give the options") @Size(max = 9, message = "give up to 9 options")
            List<@NotNull(message = "give an option") @Valid OptionGiven> options) {
        List<CustomerOption> all() {
            List<CustomerOption> out = new ArrayList<>();
            for (OptionGiven given : options) {
                out.add(given.option("options[" + out.size() + "]"));
            }
            return out;
        }
    }

    /** @param key left out where the choice is taken back */
    record OptionChoice(@Nullable @Size(max = 60) String key) {}

    /** @param why in the customer's words; left out where they gave none */
    record OptionsDecline(
            @Nullable @Size(max = 300, message = "give up to 300 characters")
            String why) {}

    @PostMapping("/before-power")
    CallView tick(@PathVariable long id, @Valid @RequestBody UnitTick given, Sender sender) {
        return teller.after(id, sender, new OnLeaving.TickBeforePower(given.key(), given.on()));
    }

    @PostMapping("/proof/start")
    CallView start(@PathVariable long id, Sender sender) {
        return teller.after(id, sender, new OnLeaving.StartUnit());
    }

    @PostMapping("/proof/readings")
    CallView read(@PathVariable long id, @Valid @RequestBody ProofReading given, Sender sender) {
        return teller.after(id, sender, new OnLeaving.ReadProof(given.point(), given.value(), given.circuit()));
    }

    @PostMapping("/proof/wanders")
    CallView wanders(@PathVariable long id, @Valid @RequestBody WanderGiven given, Sender sender) {
        return teller.after(
                id,
                sender,
                new OnLeaving.SayWandering(
                        new Wander(given.figure(), given.low(), given.high(), given.minutes()), given.circuit()));
    }

    @PostMapping("/proof/keep")
    CallView keep(@PathVariable long id, @Valid @RequestBody ProofKeeping given, Sender sender) {
        return teller.after(
                id, sender, new OnLeaving.KeepProof(given.isBenchmark(), given.why() == null ? "" : given.why()));
    }

    @PostMapping("/write-ups")
    CallView writeUp(@PathVariable long id, @Valid @RequestBody WriteUpGiven given, Sender sender) {
        return teller.after(
                id,
                sender,
                new OnLeaving.WriteUp(
                        given.place() == null ? "" : given.place(),
                        given.what(),
                        given.why() == null ? "" : given.why(),
                        given.urgency(),
                        given.part(),
                        given.until() == null ? null : given.until().toString()));
    }

    @PostMapping("/write-ups/{writeUp}/end")
    CallView endWriteUp(
            @PathVariable long id, @PathVariable String writeUp, @Valid @RequestBody WriteUpEnd given, Sender sender) {
        return teller.after(id, sender, new OnLeaving.EndWriteUp(writeUp, given.how()));
    }

    /** What the matches for a part would cost; nothing is kept. */
    @GetMapping("/parts/{part}/options")
    List<OptionView> proposed(@PathVariable long id, @PathVariable String part, Sender sender) {
        Calls.Open call = calls.open(id);
        String kind = call.part(part).added().kind();
        return new PartMatch(call.state(), part, shop.inForce().rules())
                .options(truck.lines(kind, sender.depot()), teller.story(call), truck::priced).stream()
                        .map(o -> OptionView.of(o, ""))
                        .toList();
    }

    /** What given options come to; nothing is kept. */
    @ChangesNothing
    @PostMapping("/options/preview")
    List<OptionView> preview(@PathVariable long id, @Valid @RequestBody OptionsGiven given) {
        return given.all().stream().map(o -> OptionView.of(o, "")).toList();
    }

    @PutMapping("/options")
    CallView offer(@PathVariable long id, @Valid @RequestBody OptionsGiven given, Sender sender) {
        return teller.after(id, sender, new OnLeaving.Offer(given.all()));
    }

    @PostMapping("/options/choice")
    CallView take(@PathVariable long id, @Valid @RequestBody OptionChoice given, Sender sender) {
        return teller.after(id, sender, new OnLeaving.TakeOption(given.key() == null ? "" : given.key()));
    }

    @PostMapping("/options/decline")
    CallView decline(@PathVariable long id, @Valid @RequestBody OptionsDecline given, Sender sender) {
        return teller.after(id, sender, new OnLeaving.Decline(given.why() == null ? "" : given.why()));
    }
}
