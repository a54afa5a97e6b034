package openbloom.app.share;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FSFontUseCase;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import com.openhtmltopdf.util.XRLog;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Base64;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import openbloom.app.language.HerWords;
import openbloom.app.moves.MoveFigures;
import openbloom.app.system.QrCode;
import openbloom.core.figure.BodyStage;
import openbloom.core.moves.Catalogue;
import openbloom.core.picture.ExplainingView;
import org.springframework.stereotype.Component;
import org.thymeleaf.context.Context;
import org.thymeleaf.spring6.SpringTemplateEngine;

/** Makes a PDF of a hand-out: fonts in it, tagged, its text selectable, its pictures of her week. */
@Component
class Papers {
    private static final String FILES = "/openbloom/app/share/";
    private static final String NOWHERE = "about:blank";

    private final SpringTemplateEngine templates;
    private final MoveFigures figures;

    Papers(SpringTemplateEngine templates, MoveFigures figures) {
        this.templates = templates;
        this.figures = figures;
        XRLog.setLoggingEnabled(false);
    }

    /**
     * How a paper is made.
     *
     * @param head who it is for, by whom and when
     * @param isLarge whether in large print: 18 points instead of 11
     * @param link where the code leads; empty where there is none
     * @param codeNote stands where a code was, on the copy that is kept
     */
    record Paper(
            Draft draft,
            HerWords words,
            List<String> head,
            boolean isLarge,
            BodyStage body,
            Catalogue catalogue,
            Optional<String> link,
            String codeNote) {}

    /** A part as it is printed; the picture as an address that holds it whole. */
    public record PrintedPart(Draft.DraftPart part, String picture, String alt) {}

    byte[] pdf(Paper paper) {
        String page = page(paper);
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            PdfRendererBuilder builder = new PdfRendererBuilder();
            builder.useSVGDrawer(new BatikSVGDrawer());
            font(builder, "source-sans-3-400.ttf", "Source Sans 3", 400);
            font(builder, "source-sans-3-600.ttf", "Source Sans 3", 700);
            font(builder, "source-serif-4-600.ttf", "Source Serif 4", 700);
            builder.usePdfUaAccessibility(true);
            builder.useFastMode();
            builder.withProducer("Open Bloom");
            builder.withHtmlContent(page, NOWHERE);
            builder.toStream(out);
            builder.run();
            return out.toByteArray();
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }

    /** The page behind the paper, as well-formed XML. */
    String page(Paper paper) {
        Context context = new Context(Locale.ENGLISH);
        context.setVariable("w", paper.words());
        context.setVariable("lang", paper.words().locale().getLanguage());
        context.setVariable("style", style(paper.words()));
        context.setVariable("title", paper.draft().title());
        context.setVariable("under", paper.draft().under());
        context.setVariable("parts", printed(paper));
        context.setVariable("head", paper.head());
        context.setVariable("size", paper.isLarge() ? "large" : "usual");
        context.setVariable("code", paper.link().map(Papers::code).orElse(""));
        context.setVariable("codeNote", paper.codeNote());
        return templates.process("share/paper", context);
    }

    /** The sheet of styles with what stands at the foot of every page. */
    private static String style(HerWords words) {
        try (InputStream in = opened("paper.css")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .replace("DIAGNOSIS", words.of("diagnosis"))
                    .replace("PAGE", words.of("paper.page"))
                    .replace(" OF ", " " + words.of("paper.pageOf") + " ");
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    private List<PrintedPart> printed(Paper paper) {
        List<PrintedPart> printed = new ArrayList<>();
        for (Draft.DraftPart part : paper.draft().parts()) {
            Optional<String> picture = Optional.ofNullable(part.pictured()).flatMap(shown -> picture(paper, shown));
            String name = part.pictured() == null
                    ? ""
                    : paper.words().of("paper.figure", part.pictured().name());
            printed.add(new PrintedPart(part, picture.orElse(""), name));
        }
        return printed;
    }

    private Optional<String> picture(Paper paper, Draft.Pictured shown) {
        if (shown.isExplaining()) {
            return Optional.of(held(ExplainingView.valueOf(shown.version()).at(1)));
        }
        return paper.catalogue()
                .find(shown.moveId())
                .map(move -> figures.picture(MoveFigures.FigureSeen.changed(
                        paper.body(),
                        shown.leftSide(),
                        move,
                        MoveFigures.changesIn(shown.version()),
                        paper.catalogue())))
                .map(Papers::held);
    }

    private static String held(String svg) {
        return "data:image/svg+xml;base64," + Base64.getEncoder().encodeToString(svg.getBytes(StandardCharsets.UTF_8));
    }

    /** A code that leads to an address, as a picture: one path of dark squares. */
    static String code(String address) {
        return held(QrCode.svg(address));
    }

    private static void font(PdfRendererBuilder builder, String file, String family, int weight) {
        builder.useFont(
                () -> opened("fonts/" + file),
                family,
                weight,
                FontStyle.NORMAL,
                true,
                EnumSet.of(FSFontUseCase.DOCUMENT, FSFontUseCase.SVG));
    }

    private static InputStream opened(String file) {
        return Objects.requireNonNull(Papers.class.getResourceAsStream(FILES + file), "No " + file);
    }
}
