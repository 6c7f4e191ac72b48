package zestbench.server.call;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import zestbench.core.call.OnCharge;
import zestbench.core.charge.TightAndDry;
import zestbench.core.charge.Weight;
import zestbench.core.quantity.InputProblem;
import zestbench.core.tape.ChargeEntry;
import zestbench.server.call.CallViews.CallView;
import zestbench.server.person.Sender;

/** What is done to the refrigerant of a unit. */
@RestController
@RequestMapping("/api/calls/{id}/charge")
class ChargeController {
    private final CallTeller teller;

    ChargeController(CallTeller teller) {
        this.teller = teller;
    }

    /** @param refrigerant that of the plate where it is left out */
    record NewCharge(
            @NotNull(message = "say ADDED or RECOVERED") ChargeEntry.Way way,

            @Nullable @Size(max = 30, message = "give up to 30 characters")
            String refrigerant,

            @Nullable Double pounds,
            @Nullable Double ounces,

            @NotNull(message = "give the number of the cylinder, as C-114")
            @Size(max = 60, message = "give up to 60 characters")
            String cylinder,

            @Nullable @Size(max = 60, message = "give up to 60 characters")
            String circuit,

            @Nullable @Size(max = 60, message = "give up to 60 characters")
            String holder,

            @Nullable LocalDate returnDate) {}

    record NewLeak(
            @Nullable @Size(max = 120, message = "give up to 120 characters")
            String place,

            @NotNull(message = "say how it was looked for, such as bubbles or detector")
            @Size(max = 120, message = "give up to 120 characters")
            String how,

            @Nullable Boolean isRepaired) {}

    record NewPressureTest(
            @NotNull(message = "give the test pressure in psig")
            Double psig,

            @NotNull(message = "give the pressure at the end in psig")
            Double after,

            @NotNull(message = "give for how many minutes it stood")
            Double minutes,

            @Nullable Double fahrenheit,
            @Nullable Double fahrenheitAfter) {
        /** How warm it was; null where that was not read at both ends. */
        TightAndDry.@Nullable Warmth warmth() {
            InputProblem.require(
                    (fahrenheit == null) == (fahrenheitAfter == null),
                    fahrenheit == null ? "fahrenheit" : "fahrenheitAfter",
                    null,
                    "give how warm the circuit was at first and at the end, or neither");
            return fahrenheit == null || fahrenheitAfter == null
                    ? null
                    : new TightAndDry.Warmth(fahrenheit, fahrenheitAfter);
        }
    }

    record NewVacuum(
            @NotNull(message = "give the microns when it was shut off")
            Double microns,

            @NotNull(message = "give the microns at the end")
            Double after,

            @NotNull(message = "give for how many minutes it stood")
            Double minutes) {}

    @PostMapping
    CallView weigh(@PathVariable long id, @Valid @RequestBody NewCharge given, Sender sender) {
        return teller.after(
                id,
                sender,
                new OnCharge.Weigh(
                        given.way(),
                        or(given.refrigerant()),
                        or(given.pounds()) * Weight.OUNCES_PER_POUND + or(given.ounces()),
                        given.cylinder(),
                        or(given.circuit()),
                        or(given.holder()),
                        given.returnDate() == null ? null : given.returnDate().toString()));
    }

    @PostMapping("/leak")
    CallView seek(@PathVariable long id, @Valid @RequestBody NewLeak given, Sender sender) {
        return teller.after(
                id, sender, new OnCharge.Seek(or(given.place()), given.how(), Boolean.TRUE.equals(given.isRepaired())));
    }

    @PostMapping("/pressure-test")
    CallView press(@PathVariable long id, @Valid @RequestBody NewPressureTest given, Sender sender) {
        return teller.after(
                id, sender, new OnCharge.Press(given.psig(), given.after(), given.minutes(), given.warmth()));
    }

    @PostMapping("/vacuum")
    CallView evacuate(@PathVariable long id, @Valid @RequestBody NewVacuum given, Sender sender) {
        return teller.after(id, sender, new OnCharge.Evacuate(given.microns(), given.after(), given.minutes()));
    }

    private static String or(@Nullable String text) {
        return text == null ? "" : text;
    }

    private static double or(@Nullable Double number) {
        return number == null ? 0 : number;
    }
}
