package brandeon.server.description;

import brandeon.core.colour.Colour;
import brandeon.core.kind.Content;
import brandeon.core.publish.Part;
import brandeon.core.show.Cue;
import brandeon.core.show.Held;
import brandeon.core.table.TableEdit;
import brandeon.core.text.Face;
import brandeon.core.theme.Edit;
import brandeon.core.theme.Spot;
import brandeon.server.layout.Arranging;
import brandeon.server.live.Asked;
import brandeon.server.live.Told;
import brandeon.server.sheet.SheetView;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import io.swagger.v3.core.converter.ModelConverters;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The OpenAPI description from which the web application's types are generated. */
@Configuration
class ApiDescription {

    /** The only properties that may be missing or null; every other part of a record is always there. */
    private static final Set<String> OPTIONAL = Set.of("fix");

    private static final String COMPONENTS = "#/components/schemas/";

    static {
        SpringDocUtils.getConfig().replaceWithClass(Colour.class, String.class);
        SpringDocUtils.getConfig().replaceWithClass(Face.class, String.class);
        SpringDocUtils.getConfig().replaceWithClass(Part.class, String.class);
    }

    @Bean
    OpenAPI openApi() {
        return new OpenAPI().info(new Info().title("Brandeon").version("1"));
    }

    @Bean
    OpenApiCustomizer exactTypes() {
        return api -> {
            // Names that Spring numbers by the order in which it finds methods differ from machine to machine.
            api.getPaths()
                    .forEach((path, item) -> item.readOperationsMap()
                            .forEach((method, operation) -> operation.setOperationId(
                                    method.name().toLowerCase(Locale.ROOT) + path.replaceAll("[^A-Za-z]+", "-"))));
            List.of(Asked.class, Told.class)
                    .forEach(message -> ModelConverters.getInstance(true)
                            .readAll(message)
                            .forEach(api.getComponents().getSchemas()::putIfAbsent));
            api.getComponents().getSchemas().values().forEach(ApiDescription::requireAll);
            orNull(api.getComponents().getSchemas().get("Piece"), "inlay");
            orNull(api.getComponents().getSchemas().get("Openings"), "key");
            orNull(api.getComponents().getSchemas().get("FileChoice"), "what");
            List.of("goodTill", "pause", "queue", "notices", "viewers", "requests", "tracks")
                    .forEach(part -> orNull(api.getComponents().getSchemas().get("DeskView"), part));
            List.of("goodTill", "usedAt")
                    .forEach(part -> orNull(api.getComponents().getSchemas().get("PassLine"), part));
            orNull(api.getComponents().getSchemas().get("PassWish"), "goodTill");
            orNull(api.getComponents().getSchemas().get("NoticeView"), "told");
            orNull(api.getComponents().getSchemas().get("Notices"), "now");
            List.of("control", "pause")
                    .forEach(part -> orNull(api.getComponents().getSchemas().get("DeedAnswer"), part));
            orNull(api.getComponents().getSchemas().get("Show"), "pause");
            orNull(api.getComponents().getSchemas().get("PutBreak"), "pause");
            orNull(api.getComponents().getSchemas().get("Artwork"), "drawn");
            orNull(api.getComponents().getSchemas().get("MotionView"), "cover");
            orNull(api.getComponents().getSchemas().get("Finding"), "where");
            orNull(api.getComponents().getSchemas().get("FeedWish"), "show");
            orNull(api.getComponents().getSchemas().get("Control"), "dial");
            orNull(api.getComponents().getSchemas().get("Control"), "deck");
            orNull(api.getComponents().getSchemas().get("Control"), "added");
            orNull(api.getComponents().getSchemas().get("Tracks"), "now");
            List.of("Belonging", "WorkspaceMember", "MemberWish", "InvitationWish")
                    .forEach(type -> orNull(api.getComponents().getSchemas().get(type), "until"));
            List.of("Invitation", "InvitationOffer")
                    .forEach(type -> orNull(api.getComponents().getSchemas().get(type), "memberUntil"));
            orNull(api.getComponents().getSchemas().get("IssuedRecovery"), "usedAt");
            orNull(api.getComponents().getSchemas().get("LastVisit"), "at");
            orNull(api.getComponents().getSchemas().get("Answers"), "camera");
            orNull(api.getComponents().getSchemas().get("ChannelWish"), "channel");
            orNull(api.getComponents().getSchemas().get("QueueView"), "last");
            orNull(api.getComponents().getSchemas().get("AlertRule"), "comes");
            orNull(api.getComponents().getSchemas().get("AlertRule"), "goes");
            orNull(api.getComponents().getSchemas().get("HeardPlace"), "chosen");
            orNull(api.getComponents().getSchemas().get("HeardPlace"), "now");
            orNull(api.getComponents().getSchemas().get("HeardWish"), "outlet");
            orNull(api.getComponents().getSchemas().get("AlertTrial"), "preview");
            orNull(api.getComponents().getSchemas().get("AlertTrial"), "heard");
            orNull(api.getComponents().getSchemas().get("ChannelWish"), "platform");
            orNull(api.getComponents().getSchemas().get("TableChange"), "head");
            orNull(api.getComponents().getSchemas().get("TableChange"), "order");
            orNull(api.getComponents().getSchemas().get("MoveListView"), "bot");
            orNull(api.getComponents().getSchemas().get("PackageView"), "words");
            orNull(api.getComponents().getSchemas().get("CanvasPlanView"), "edit");
            orNull(api.getComponents().getSchemas().get("CanvasLine"), "before");
            orNull(api.getComponents().getSchemas().get("CanvasLine"), "after");
            Schema<?> change = api.getComponents().getSchemas().get("ThemeChange");
            List.of(
                            "name",
                            "brand",
                            "family",
                            "canvases",
                            "captures",
                            "pieceOrder",
                            "sceneOrder",
                            "alerts",
                            "pace",
                            "sounds",
                            "artworkOrder",
                            "faces",
                            "lines",
                            "viewer",
                            "bot")
                    .forEach(part -> orNull(change, part));
            content(api);
            for (Class<?> alternatives : List.of(
                    Edit.class,
                    Spot.class,
                    Arranging.class,
                    Asked.class,
                    Told.class,
                    Cue.class,
                    Held.class,
                    TableEdit.class,
                    SheetView.SheetItem.class)) {
                Schema<?> schema = api.getComponents().getSchemas().get(alternatives.getSimpleName());
                for (JsonSubTypes.Type type :
                        alternatives.getAnnotation(JsonSubTypes.class).value()) {
                    schema.getDiscriminator()
                            .mapping(
                                    type.name(),
                                    "#/components/schemas/" + type.value().getSimpleName());
                }
            }
        };
    }

    /** What a piece says is a text or one of several objects, which differ in their properties. */
    @SuppressWarnings("rawtypes")
    private static void content(OpenAPI api) {
        var all = api.getComponents().getSchemas();
        all.values().forEach(ApiDescription::named);
        all.put(Content.Words.class.getSimpleName(), new Schema<>().types(Set.of("string")));
        Schema<?> either = new Schema<>();
        for (Class<?> type : Content.class.getPermittedSubclasses()) {
            either.addAnyOfItem(new Schema<>().$ref(COMPONENTS + type.getSimpleName()));
            // The description would have each of them be a content, and a content be one of them, which is a circle.
            all.computeIfPresent(
                    type.getSimpleName(),
                    (_, schema) -> schema.getAllOf() == null
                            ? schema
                            : (Schema) schema.getAllOf().getLast());
        }
        all.put(Content.class.getSimpleName(), either);
    }

    /** Where the description lists what content may be, it names it instead. */
    private static Schema<?> named(Schema<?> schema) {
        if (schema.getOneOf() != null
                && schema.getOneOf().stream()
                        .anyMatch(one -> (COMPONENTS + Content.Words.class.getSimpleName()).equals(one.get$ref()))) {
            return new Schema<>().$ref(COMPONENTS + Content.class.getSimpleName());
        }
        if (schema.getProperties() != null) {
            schema.getProperties().replaceAll((_, property) -> named(property));
        }
        if (schema.getItems() != null) {
            schema.setItems(named(schema.getItems()));
        }
        if (schema.getAdditionalProperties() instanceof Schema<?> values) {
            schema.setAdditionalProperties(named(values));
        }
        if (schema.getAllOf() != null) {
            schema.getAllOf().forEach(ApiDescription::named);
        }
        return schema;
    }

    /** A property that is always there, and null where there is nothing. */
    private static void orNull(Schema<?> schema, String property) {
        if (schema.getProperties() == null) {
            // One of several kinds of something: what is its own stands in a part of it.
            schema.getAllOf().stream()
                    .filter(part ->
                            part.getProperties() != null && part.getProperties().containsKey(property))
                    .forEach(part -> orNull(part, property));
            return;
        }
        Schema<?> either = new Schema<>();
        either.addAnyOfItem(schema.getProperties().get(property));
        either.addAnyOfItem(new Schema<>().types(Set.of("null")));
        schema.addProperty(property, either);
    }

    private static void requireAll(Schema<?> schema) {
        if (schema.getProperties() != null) {
            schema.setRequired(schema.getProperties().keySet().stream()
                    .filter(name -> !OPTIONAL.contains(name))
                    .sorted()
                    .toList());
        }
        if (schema.getAllOf() != null) {
            schema.getAllOf().forEach(ApiDescription::requireAll);
        }
    }
}
