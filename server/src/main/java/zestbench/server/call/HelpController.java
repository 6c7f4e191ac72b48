package zestbench.server.call;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zestbench.core.Families;
import zestbench.core.help.Help;
import zestbench.core.help.Topic;

/** Why a step is as it is, over HTTP. */
@RestController
class HelpController {
    /** @param kind of part the step is about; left out where it is about none */
    @GetMapping("/api/help/{topic}")
    Help help(@PathVariable Topic topic, @RequestParam(required = false) @Nullable String kind) {
        return Optional.ofNullable(kind)
                .flatMap(Families::find)
                .flatMap(family -> family.help(topic))
                .orElseGet(() -> Help.of(topic));
    }
}
