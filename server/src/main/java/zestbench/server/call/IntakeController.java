package zestbench.server.call;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zestbench.core.bench.ArrivalBench;
import zestbench.core.bench.ArrivalViews.PlatePreview;
import zestbench.core.call.OnArrival;
import zestbench.core.family.Spec;
import zestbench.core.plate.Plates;
import zestbench.core.supply.SupplyPoint;
import zestbench.core.value.Value;
import zestbench.server.call.CallViews.CallView;
import zestbench.server.call.CallViews.Preview;
import zestbench.server.call.WiringController.Wires;
import zestbench.server.change.ChangesNothing;
import zestbench.server.person.Sender;
import zestbench.server.photo.Photos;
import zestbench.server.photo.Picture;
import zestbench.server.tape.Calls;

/** Asking, the plate, the supply, making safe and the places of a unit over HTTP. */
@RestController
@RequestMapping("/api/calls/{id}")
class IntakeController {
    private final Calls calls;
    private final CallSurroundings surroundings;
    private final Photos photos;
    private final CallTeller teller;

    IntakeController(Calls calls, CallSurroundings surroundings, Photos photos, CallTeller teller) {
        this.calls = calls;
        this.surroundings = surroundings;
        this.photos = photos;
        this.teller = teller;
    }

    /** @param answer left out where the answer is taken back */
    record AnswerGiven(
            @NotBlank(message = "give the question") @Size(max = 40)
            String question,

            @Nullable @Size(max = 40) String answer) {}

    /** @param fields set by hand, over what the text says @param cleared names of fields that are not on it */
    record PlateGiven(
            @NotNull(message = "give OUTDOOR or INDOOR") Plates.Which which,

            @NotNull(message = "give the text") @Size(max = 20000, message = "give up to 20,000 characters")
            String text,

            Value.@Nullable Fields fields,
            @Nullable @Size(max = 40) List<@Nullable String> cleared) {
        OnArrival.ReadPlate command() {
            List<String> names = cleared == null
                    ? List.of()
                    : cleared.stream().filter(Objects::nonNull).toList();
            return new OnArrival.ReadPlate(which, text, fields == null ? Spec.EMPTY.values() : fields, names);
        }
    }

    /** @param pair two legs, or a point along the control circuit; left out at its ends */
    record SupplyGiven(
            @NotNull(message = "say where it was read") SupplyPoint point,
            @Nullable @Size(max = 80) String pair,

            @NotNull(message = "give the volts that were read")
            Double volts) {
        OnArrival.ReadSupply command() {
            return new OnArrival.ReadSupply(point, pair, volts);
        }
    }

    /** @param link as float switch @param there whether this unit has it */
    record LinkGiven(
            @NotBlank(message = "name a part of the control circuit, such as float switch") @Size(max = 60)
            String link,

            boolean there) {}

    record ProvingVolts(
            @NotNull(message = "give the volts that were read")
            Double volts) {}

    record SafeTick(
            @NotBlank(message = "give the step") @Size(max = 40)
            String key,

            boolean on) {}

    @PostMapping("/answers")
    CallView answer(@PathVariable long id, @Valid @RequestBody AnswerGiven given, Sender sender) {
        return teller.after(id, sender, new OnArrival.Answer(given.question(), given.answer()));
    }

    /** How a plate's figures go together, without keeping it. */
    @ChangesNothing
    @PostMapping("/plate/preview")
    PlatePreview preview(@PathVariable long id, @Valid @RequestBody PlateGiven given) {
        Calls.Open call = calls.open(id);
        return ArrivalBench.preview(
                given.command().plate(call.state(), call.state().onRecord()));
    }

    @PostMapping("/plate")
    CallView plate(@PathVariable long id, @Valid @RequestBody PlateGiven given, Sender sender) {
        return teller.after(id, sender, given.command());
    }

    @ChangesNothing
    @PostMapping("/supply/preview")
    Preview supplyPreview(@PathVariable long id, @Valid @RequestBody SupplyGiven given) {
        OnArrival.ReadSupply reading = given.command();
        return Preview.of(teller.preview(id, reading, reading::judge));
    }

    @PostMapping("/supply")
    CallView supply(@PathVariable long id, @Valid @RequestBody SupplyGiven given, Sender sender) {
        return teller.after(id, sender, given.command());
    }

    @PostMapping("/supply/links")
    CallView link(@PathVariable long id, @Valid @RequestBody LinkGiven given, Sender sender) {
        return teller.after(id, sender, new OnArrival.HasLink(given.link(), given.there()));
    }

    @PostMapping("/proved")
    CallView proved(@PathVariable long id, @Valid @RequestBody ProvingVolts given, Sender sender) {
        return teller.after(id, sender, new OnArrival.ProveMeter(given.volts()));
    }

    @PostMapping("/safe")
    CallView safe(@PathVariable long id, @Valid @RequestBody SafeTick given, Sender sender) {
        return teller.after(id, sender, new OnArrival.TickSafe(given.key(), given.on()));
    }

    @PostMapping("/power-on")
    CallView powerOn(@PathVariable long id, Sender sender) {
        return teller.after(id, sender, new OnArrival.PutPowerOn());
    }

    @PutMapping("/places/{place}/wires")
    CallView wires(@PathVariable long id, @PathVariable long place, @Valid @RequestBody Wires given, Sender sender) {
        return teller.after(id, sender, new OnArrival.NamePlaceWires(place, given.on(List.of())));
    }

    @PostMapping(value = "/plates/{which}/photos", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    CallView photo(
            @PathVariable long id,
            @PathVariable Plates.Which which,
            @RequestParam("photo") Picture photo,
            Sender sender) {
        calls.working(id);
        return teller.after(id, sender, new OnArrival.KeepPlatePhoto(which, photos.keep(photo)));
    }

    @PostMapping(value = "/places/{place}/photos", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    CallView photo(
            @PathVariable long id, @PathVariable long place, @RequestParam("photo") Picture photo, Sender sender) {
        // a place that is not there keeps no photo
        surroundings.requirePlace(calls.working(id), place);
        return teller.after(id, sender, new OnArrival.KeepPlacePhoto(place, photos.keep(photo)));
    }
}
