package zestbench.server.exchange;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;
import zestbench.core.quantity.InputProblem;
import zestbench.server.change.ChangesNothing;
import zestbench.server.exchange.ImportKind.Carried;
import zestbench.server.person.Sender;

/** Calls, units and everything as JSON, out and in. */
@RestController
class ExchangeController {
    private final Exchange exchange;
    private final JsonMapper json;

    ExchangeController(Exchange exchange, JsonMapper json) {
        this.exchange = exchange;
        this.json = json;
    }

    /** @param items all things of the file @param clashes how many of them somebody has to choose on */
    record ExchangeView(List<Carried> items, int clashes) {
        static ExchangeView of(List<Carried> items) {
            return new ExchangeView(items, (int) items.stream()
                    .filter(i -> i.state() == ImportKind.State.CLASH)
                    .count());
        }
    }

    /** One call with its unit, the serial masked. */
    @GetMapping(value = "/api/calls/{id}/call.json", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<byte[]> call(@PathVariable long id) {
        return file("call-" + id, exchange.call(id));
    }

    /** A unit with all its calls. @param serials whole where asked, for a bench that takes the unit over */
    @GetMapping(value = "/api/units/{id}/unit.json", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<byte[]> unit(@PathVariable long id, @RequestParam(defaultValue = "false") boolean serials) {
        return file("unit-" + id, exchange.unit(id, serials));
    }

    /** Everything: units with whole serials, calls, stock, tables, rules, photos. */
    @GetMapping(value = "/api/everything.json", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<byte[]> everything() {
        return file("zest-bench", exchange.everything());
    }

    /** The form of these files. */
    @GetMapping(value = "/api/exchange/schema.json", produces = MediaType.APPLICATION_JSON_VALUE)
    String schema() {
        return BundleFile.schema();
    }

    /** What a file would change. */
    @ChangesNothing
    @PostMapping(value = "/api/exchange/preview", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    ExchangeView preview(@RequestParam("file") BundleFile.Read given) {
        return ExchangeView.of(exchange.preview(given));
    }

    /**
     * Takes a file in, all of it or nothing.
     *
     * @param choices an object of OURS or THEIRS by the id of what clashes
     */
    @PostMapping(value = "/api/exchange", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    ExchangeView take(
            @RequestParam("file") BundleFile.Read given,
            @RequestParam(value = "choices", required = false) @Nullable String choices,
            Sender sender) {
        return ExchangeView.of(exchange.take(given, choices(choices), sender.who()));
    }

    private Map<String, Exchange.Choice> choices(@Nullable String text) {
        if (text == null || text.isBlank()) {
            return Map.of();
        }
        try {
            return json.readValue(text, new TypeReference<Map<String, Exchange.Choice>>() {});
        } catch (JacksonException broken) {
            throw InputProblem.of("choices", text, "give an object of OURS or THEIRS by id");
        }
    }

    private static ResponseEntity<byte[]> file(String name, byte[] bytes) {
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(name + ".json")
                                .build()
                                .toString())
                .contentType(MediaType.APPLICATION_JSON)
                .body(bytes);
    }
}
