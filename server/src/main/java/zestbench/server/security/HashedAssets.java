package zestbench.server.security;

import java.time.Duration;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.EncodedResourceResolver;

/** Scripts, styles and fonts bear a hash of what is in them: they are asked for once, and lie compressed beside themselves. */
@Configuration
class HashedAssets implements WebMvcConfigurer {
    private static final Duration FOR_GOOD = Duration.ofDays(365);

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/static/assets/")
                .setCacheControl(CacheControl.maxAge(FOR_GOOD).cachePublic().immutable())
                .resourceChain(true)
                .addResolver(new EncodedResourceResolver());
    }
}
