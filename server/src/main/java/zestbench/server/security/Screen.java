package zestbench.server.security;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** Every address of the screen loads the same page; the page finds its way. */
@Controller
class Screen {
    @GetMapping({"/calls/**", "/quick", "/units/**", "/truck", "/rules"})
    String page() {
        return "forward:/index.html";
    }
}
