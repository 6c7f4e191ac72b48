package zestbench.server.call;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zestbench.core.bench.LabelAnswer;
import zestbench.core.bench.LabelAnswer.LabelAnswerView;
import zestbench.core.family.Family;
import zestbench.server.change.ChangesNothing;
import zestbench.server.person.Sender;
import zestbench.server.shop.Meters;
import zestbench.server.shop.Shop;
import zestbench.server.truck.Truck;

/** The label box of the start page over HTTP: what a label says and what the truck has, before any call exists. */
@RestController
class LabelBoxController {
    private final Truck truck;
    private final Shop shop;
    private final Meters meters;

    LabelBoxController(Truck truck, Shop shop, Meters meters) {
        this.truck = truck;
        this.shop = shop;
        this.meters = meters;
    }

    record LabelTyped(
            @NotBlank(message = "type what the label says") @Size(max = 2000, message = "give up to 2,000 characters")
            String text) {}

    @ChangesNothing
    @PostMapping("/api/label-box")
    LabelAnswerView answer(@Valid @RequestBody LabelTyped given, Sender sender) {
        LabelAnswer label = LabelAnswer.read(given.text());
        Family family = label.family().orElse(null);
        return label.answer(
                family == null ? List.of() : truck.lines(family.kind(), sender.depot()),
                family == null ? Map.of() : truck.lying(family, sender.depot()),
                shop.inForce().rules(),
                meters.all());
    }
}
