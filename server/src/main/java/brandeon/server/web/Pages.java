package brandeon.server.web;

import java.time.Duration;
import org.springframework.http.CacheControl;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.EncodedResourceResolver;

/** Addresses inside the application all open its one page; built files are named by content and kept for ever. */
@Controller
class Pages implements WebMvcConfigurer {

    @GetMapping({"/", "/account", "/people", "/record", "/join/**", "/recover/**", "/themes/**"})
    String application() {
        return "forward:/index.html";
    }

    /** The desk is a page of its own, so that it is there at once on a phone. */
    @GetMapping({"/desk", "/desk/**", "/deck", "/player"})
    String desk() {
        return "forward:/desk.html";
    }

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/static/assets/")
                .setCacheControl(
                        CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable())
                // Compressed when they were built.
                .resourceChain(true)
                .addResolver(new EncodedResourceResolver());
        registry.addResourceHandler("/index.html", "/desk.html", "/favicon.svg", "/keeper.js")
                .addResourceLocations("classpath:/static/")
                .setCacheControl(CacheControl.noCache());
    }
}
