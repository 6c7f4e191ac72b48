package zestbench.server.vision;

import java.io.IOException;
import java.io.InputStream;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** What the made-up pictures of labels truly say, and how much of it an answer has. */
public final class PictureFields {
    private static final JsonNode TRUE = load();

    private PictureFields() {}

    private static JsonNode load() {
        try (InputStream in = PictureFields.class.getResourceAsStream("/pictures/fields.json")) {
            return new ObjectMapper().readTree(in);
        } catch (IOException problem) {
            throw new IllegalStateException(problem);
        }
    }

    /** @param asked fields that the label has @param right as it says @param wrong another value, and no doubt about it */
    public record Share(int asked, int right, int wrong) {
        public Share and(Share other) {
            return new Share(asked + other.asked, right + other.right, wrong + other.wrong);
        }

        public double rightShare() {
            return right / (double) asked;
        }

        public double wrongShare() {
            return wrong / (double) asked;
        }
    }

    /** Of a picture whose name begins with that of its label. @param answer of the open interface */
    public static Share of(String picture, JsonNode answer) {
        JsonNode expected = TRUE.at("/" + picture.replaceAll("[-.].*", "") + "/fields");
        int right = 0;
        int wrong = 0;
        for (Map.Entry<String, JsonNode> field : expected.properties()) {
            JsonNode got = answer.at("/fields/" + field.getKey());
            // 60 and 60.0 are one
            if (got.toString()
                    .replace(".0", "")
                    .equals(field.getValue().toString().replace(".0", ""))) {
                right++;
            } else if (!got.isMissingNode() && !isDoubted(answer, field.getKey())) {
                wrong++;
            }
        }
        return new Share(expected.size(), right, wrong);
    }

    private static boolean isDoubted(JsonNode answer, String field) {
        for (JsonNode doubt : answer.at("/doubts")) {
            if (doubt.at("/field").asString().matches(field + "([\\[.].*)?")) {
                return true;
            }
        }
        return false;
    }
}
