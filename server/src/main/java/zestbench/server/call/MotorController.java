package zestbench.server.call;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
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
import zestbench.core.amps.RunningAmps;
import zestbench.core.bench.ArrivalBench;
import zestbench.core.bench.ArrivalViews.WindingsPreview;
import zestbench.core.bench.PartViews.FindingView;
import zestbench.core.bench.PartViews.JudgedView;
import zestbench.core.call.MeantMotor;
import zestbench.core.call.OnHookUp;
import zestbench.core.call.OnMotor;
import zestbench.core.call.OnTest;
import zestbench.core.fan.BeltDrive;
import zestbench.core.judgement.Reckoning;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;
import zestbench.core.tape.AmpTrend;
import zestbench.core.winding.PairOhms;
import zestbench.core.wiring.Wire;
import zestbench.server.call.CallViews.CallView;
import zestbench.server.call.CallViews.Preview;
import zestbench.server.call.WiringController.WireGiven;
import zestbench.server.call.WiringController.Wires;
import zestbench.server.change.ChangesNothing;
import zestbench.server.person.Sender;
import zestbench.server.record.UnitHistories;
import zestbench.server.tape.Calls;

/** Windings, amps, looks, leads and belts over HTTP. */
@RestController
@RequestMapping("/api/calls/{id}")
class MotorController {
    private final Calls calls;
    private final UnitHistories histories;
    private final CallTeller teller;

    MotorController(Calls calls, UnitHistories histories, CallTeller teller) {
        this.calls = calls;
        this.histories = histories;
        this.teller = teller;
    }

    /** One pair of terminals, or a terminal and ground: ohms, or OL. @param testVolts of an insulation tester */
    record PairGiven(
            @NotBlank(message = "name two terminals, as 1-2") @Size(max = 20)
            String pair,

            @Nullable Double ohms,
            @Nullable Double megohms,
            @Nullable Boolean overRange,
            @Nullable Double testVolts) {
        private static final double MEGOHM = 1_000_000;

        PairOhms pairOhms() {
            int given = (ohms != null ? 1 : 0) + (megohms != null ? 1 : 0) + (Boolean.TRUE.equals(overRange) ? 1 : 0);
            InputProblem.require(
                    given == 1, "ohms", given + " given", "give exactly one of ohms, megohms, overRange: true for OL");
            Double read = megohms != null ? Double.valueOf(megohms * MEGOHM) : ohms;
            Reading reading = read == null ? Reading.overRange(Quantity.OHMS) : Reading.of(Quantity.OHMS, read);
            return PairOhms.of(pair, reading, testVolts == null ? 0 : testVolts);
        }
    }

    /** @param placeId of the motor, or {@code part} where it is in question @param shellHot left out where it was not felt */
    record WindingsGiven(
            @Nullable Long placeId,
            @Nullable String part,

            @NotNull(message = "give the readings") @Size(max = 12, message = "give up to 12")
            List<@Valid PairGiven> readings,

            @Nullable Boolean shellHot) {
        List<PairOhms> pairs() {
            List<PairOhms> out = new ArrayList<>();
            for (PairGiven given : readings) {
                InputProblem.require(given != null, "readings[" + out.size() + "]", null, "give a pair and its ohms");
                try {
                    out.add(given.pairOhms());
                } catch (InputProblem problem) {
                    throw problem.within("readings[" + out.size() + "]");
                }
            }
            return out;
        }

        OnMotor.ReadWindings command() {
            return new OnMotor.ReadWindings(new MeantMotor.Which(placeId, part, null), pairs(), shellHot);
        }
    }

    /**
     * Running amps.
     *
     * @param placeId of the motor, or {@code part} where it is in question, or {@code place} where only the kind is known
     * @param amps left out where {@code legs} are given
     * @param rated left out where plate or label tells it
     * @param legs of L1, L2 and L3, on three phases
     */
    record AmpsGiven(
            @Nullable Long placeId,
            @Nullable String part,
            RunningAmps.@Nullable Place place,
            @Nullable @Size(max = 20) String speed,

            @Nullable Double amps,

            @Nullable Double rated,
            @Nullable Double inrush,
            @Nullable Double volts,
            @Nullable Boolean pressuresEqual,

            @Nullable @Size(max = 3, message = "give L1, L2 and L3")
            List<@NotNull(message = "give its amps") Double> legs) {
        OnMotor.ReadAmps command() {
            List<Double> each = legs == null ? List.of() : legs;
            double most = each.isEmpty()
                    ? InputProblem.given(amps, "amps", "give the amps that were read")
                    : RunningAmps.mostOf(each);
            return new OnMotor.ReadAmps(
                    new MeantMotor.Which(placeId, part, place),
                    speed,
                    most,
                    rated,
                    inrush,
                    volts,
                    pressuresEqual,
                    each);
        }
    }

    record Seen(
            @NotBlank(message = "give the look") @Size(max = 40)
            String look,

            @NotBlank(message = "say what was seen") @Size(max = 40)
            String seen) {}

    /** @param connection the connection table as printed */
    record Leads(
            @NotNull(message = "give the leads") List<@Valid WireGiven> wires,

            @Nullable @Size(max = 300, message = "give up to 300 characters")
            String connection) {}

    /** Sheave diameters and the distance of the shafts in inches, amps with the sheaves it has. */
    record BeltGiven(
            @NotNull(message = "give the motor's sheave") Double motorInches,
            @NotNull(message = "give the fan's sheave") Double fanInches,

            @NotNull(message = "give the motor's new sheave")
            Double newMotorInches,

            @NotNull(message = "give the fan's new sheave") Double newFanInches,
            @Nullable Double centreInches,
            @NotNull(message = "give the amps as they are") Double ampsNow) {
        OnHookUp.SetSheaves command(String part) {
            return new OnHookUp.SetSheaves(
                    part,
                    new BeltDrive.Sheaves(motorInches, fanInches, newMotorInches, newFanInches, centreInches),
                    ampsNow);
        }
    }

    record BeltView(
            String fanRpm,
            String amps,
            boolean isRefused,
            JudgedView judged,
            List<String> reckonings,
            List<FindingView> findings) {}

    record TrendsView(List<AmpTrend> trends) {}

    @ChangesNothing
    @PostMapping("/windings/preview")
    WindingsPreview windingsPreview(@PathVariable long id, @Valid @RequestBody WindingsGiven given) {
        OnMotor.ReadWindings reading = given.command();
        return ArrivalBench.preview(teller.preview(id, reading, reading::judge));
    }

    @PostMapping("/windings")
    CallView windings(@PathVariable long id, @Valid @RequestBody WindingsGiven given, Sender sender) {
        return teller.after(id, sender, given.command());
    }

    @ChangesNothing
    @PostMapping("/amps/preview")
    Preview ampsPreview(@PathVariable long id, @Valid @RequestBody AmpsGiven given) {
        OnMotor.ReadAmps reading = given.command();
        return Preview.of(teller.preview(id, reading, reading::judge));
    }

    @PostMapping("/amps")
    CallView amps(@PathVariable long id, @Valid @RequestBody AmpsGiven given, Sender sender) {
        return teller.after(id, sender, given.command());
    }

    /** Amps over the visits to the call's unit, a line for each motor that was ever read. */
    @GetMapping("/amps/trends")
    TrendsView trends(@PathVariable long id) {
        Calls.Open call = calls.open(id);
        return new TrendsView(
                histories.of(call.row(), call.tape(), call.state()).amps());
    }

    @PostMapping("/parts/{part}/looks")
    CallView look(@PathVariable long id, @PathVariable String part, @Valid @RequestBody Seen given, Sender sender) {
        return teller.after(id, sender, new OnTest.LookAt(part, given.look(), given.seen()));
    }

    /** Two of a transformer's primary leads, by their place in the printed list. */
    record PairTried(
            @NotNull(message = "give a lead") Integer one,
            @NotNull(message = "give another lead") Integer two) {}

    @PostMapping("/parts/{part}/pair")
    CallView pair(
            @PathVariable long id, @PathVariable String part, @Valid @RequestBody PairTried given, Sender sender) {
        return teller.after(id, sender, new OnHookUp.TryLeads(part, given.one(), given.two()));
    }

    @PutMapping("/parts/{part}/leads/wires")
    CallView leads(@PathVariable long id, @PathVariable String part, @Valid @RequestBody Leads given, Sender sender) {
        List<Wire> leads = new Wires(given.wires()).on(List.of());
        String connection = given.connection() == null ? "" : given.connection();
        return teller.after(id, sender, new OnHookUp.NameLeads(part, leads, connection));
    }

    @ChangesNothing
    @PostMapping("/parts/{part}/belt/preview")
    BeltView beltPreview(@PathVariable long id, @PathVariable String part, @Valid @RequestBody BeltGiven given) {
        BeltDrive drive = given.command(part).drive(calls.working(id).state());
        return new BeltView(
                Figures.fixed(drive.fanRpm(), 0),
                Figures.fixed(drive.amps(), 2),
                drive.isRefused(),
                JudgedView.of(drive.judged()),
                drive.reckonings().stream().map(Reckoning::text).toList(),
                drive.findings().stream().map(FindingView::of).toList());
    }

    @PostMapping("/parts/{part}/belt")
    CallView belt(
            @PathVariable long id, @PathVariable String part, @Valid @RequestBody BeltGiven given, Sender sender) {
        return teller.after(id, sender, given.command(part));
    }
}
