package brachion.server.paper;

import java.io.IOException;
import java.io.InputStream;
import org.springframework.core.io.ClassPathResource;

/** The product's own letters, which everything on paper is set in. */
public enum Letters {
    /** Words. */
    PLAIN("AtkinsonHyperlegibleNext-Regular.ttf"),
    /** Values. */
    STRONG("AtkinsonHyperlegibleNext-SemiBold.ttf"),
    /** Headings. */
    HEADINGS("BricolageGrotesque-SemiBold.ttf");

    private final String file;

    Letters(String file) {
        this.file = file;
    }

    /** Their file (TrueType), which ships with the product. */
    public InputStream open() throws IOException {
        return new ClassPathResource("fonts/" + file).getInputStream();
    }
}
