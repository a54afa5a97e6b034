package openbloom.app.system;

import java.net.URI;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;

/** A form as its page renders it: exactly the fields a browser would send, with what was typed over them. */
public final class RenderedForm {
    private final Element form;
    private final String page;
    private final Map<String, List<String>> fields = new LinkedHashMap<>();
    private String pressed = "";

    private RenderedForm(Element form, String page) {
        this.form = form;
        this.page = page;
        form.select("input, select, textarea").stream()
                .filter(field -> !field.attr("name").isEmpty() && !field.hasAttr("disabled"))
                .forEach(this::take);
    }

    /** Every form of a page, in its order. */
    public static List<RenderedForm> all(String html, String page) {
        Document document = Jsoup.parse(html, "http://localhost" + page);
        return document.select("form").stream()
                .map(form -> new RenderedForm(form, page))
                .toList();
    }

    /** The form whose address ends with some words. */
    public static RenderedForm to(String action, String html, String page) {
        return all(html, page).stream()
                .filter(one -> one.isPost() && one.action().endsWith(action))
                .findFirst()
                .orElseThrow(() -> new AssertionError("No form leads to " + action + " on " + page));
    }

    private void take(Element field) {
        String type = field.attr("type");
        String name = field.attr("name");
        if (field.tagName().equals("select")) {
            List<Element> chosen = new ArrayList<>(field.select("option[selected]"));
            if (chosen.isEmpty() && !field.hasAttr("multiple")) {
                field.select("option").stream().findFirst().ifPresent(chosen::add);
            }
            chosen.forEach(option -> add(name, option.hasAttr("value") ? option.attr("value") : option.text()));
        } else if (field.tagName().equals("textarea")) {
            add(name, field.wholeText());
        } else if (type.equals("checkbox") || type.equals("radio")) {
            if (field.hasAttr("checked")) {
                add(name, field.hasAttr("value") ? field.attr("value") : "on");
            }
        } else if (!type.equals("submit") && !type.equals("button") && !type.equals("file")) {
            add(name, field.attr("value"));
        }
    }

    private void add(String name, String value) {
        fields.computeIfAbsent(name, any -> new ArrayList<>()).add(value);
    }

    /** Types over a field that is there; a field nobody renders cannot be filled. */
    public RenderedForm with(String name, String... values) {
        if (form.select("[name]").stream().noneMatch(field -> field.attr("name").equals(name))) {
            throw new AssertionError("No field " + name + " in the form to " + action() + " on " + page);
        }
        fields.put(name, List.of(values));
        return this;
    }

    /** Pressed by the button of its own address that the page renders in it. */
    public RenderedForm pressed(String address) {
        if (form.select("button[formaction=" + address + "]").isEmpty()) {
            throw new AssertionError("No button to " + address + " in the form to " + action() + " on " + page);
        }
        pressed = address;
        return this;
    }

    public String action() {
        String action = pressed.isEmpty() ? form.attr("action") : pressed;
        return action.isEmpty()
                ? page
                : URI.create("http://localhost" + page).resolve(action).getRawPath()
                        + (action.contains("?") ? action.substring(action.indexOf('?')) : "");
    }

    public boolean isPost() {
        return form.attr("method").equalsIgnoreCase("post");
    }

    public Map<String, List<String>> fields() {
        return fields;
    }

    public boolean isMultipart() {
        return form.attr("enctype").equals("multipart/form-data");
    }

    /** As a browser sends it when its first button is pressed; files are left empty. */
    public String body(String boundary) {
        form.select("button[name], input[type=submit][name]").stream()
                .findFirst()
                .filter(button -> !fields.containsKey(button.attr("name")))
                .ifPresent(button -> add(button.attr("name"), button.attr("value")));
        StringBuilder body = new StringBuilder();
        if (!isMultipart()) {
            fields.forEach((name, values) -> values.forEach(value -> body.append(body.isEmpty() ? "" : "&")
                    .append(code(name))
                    .append('=')
                    .append(code(value))));
            return body.toString();
        }
        String part = "--" + boundary + "\r\nContent-Disposition: form-data; name=\"";
        fields.forEach((name, values) -> values.forEach(value -> body.append(part)
                .append(name)
                .append("\"\r\n\r\n")
                .append(value)
                .append("\r\n")));
        form.select("input[type=file]")
                .forEach(file -> body.append(part)
                        .append(file.attr("name"))
                        .append("\"; filename=\"\"\r\nContent-Type: application/octet-stream\r\n\r\n\r\n"));
        return body.append("--").append(boundary).append("--\r\n").toString();
    }

    private static String code(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }
}
