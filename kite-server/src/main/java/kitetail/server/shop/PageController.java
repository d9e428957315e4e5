package kitetail.server.shop;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** Deep links of the page load the page. */
@Controller
class PageController {
  @GetMapping({
    "/sign-in",
    "/look",
    "/diary",
    "/kit",
    "/shop",
    "/way",
    "/help",
    "/practice",
    "/practice/{drill}",
    "/clients",
    "/clients/{id}",
    "/clients/new",
    "/clients/cards",
    "/clients/{id}/sit",
    "/clients/{id}/shapes",
    "/clients/{id}/grow/{family}",
    "/plans/{id}",
    "/plans/{id}/chair",
    "/plans/{id}/check",
    "/plans/{id}/finish"
  })
  String page() {
    return "forward:/index.html";
  }
}
