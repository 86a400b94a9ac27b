package wegweiser.files.json;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.JsonMappingException.Reference;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.JsonSerializer;
import com.fasterxml.jackson.databind.MapperFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.introspect.Annotated;
import com.fasterxml.jackson.databind.introspect.AnnotatedMethod;
import com.fasterxml.jackson.databind.introspect.AnnotatedParameter;
import com.fasterxml.jackson.databind.introspect.JacksonAnnotationIntrospector;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.datatype.jdk8.Jdk8Module;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import wegweiser.core.data.Entry;
import wegweiser.core.words.Words;

/**
 * The one mapping between records and JSON, in both directions. A member is named like its component; what is empty and may
 * be missing is left out; whole numbers are written without a fraction. Members that nobody knows are kept in the component
 * {@code extra} of the record in whose object they stand, and are written after the others.
 */
public final class Mapping {
    private static final double LARGEST_WHOLE = 1e15;
    private static final ObjectMapper MAPPER = mapper();

    private Mapping() {}

    /** A value that is well-formed but makes no sense; the place is relative to the object in which it was found. */
    public static final class Senseless extends RuntimeException {
        private static final long serialVersionUID = 1L;
        private final transient Place place;

        public Senseless(Place place, String reason) {
            super(reason);
            this.place = place;
        }

        public Place place() {
            return place;
        }
    }

    private static ObjectMapper mapper() {
        JsonMapper.Builder builder = JsonMapper.builder().addModules(new Jdk8Module(), numbers())
                .annotationIntrospector(new Unknown())
                .disable(MapperFeature.AUTO_DETECT_IS_GETTERS, MapperFeature.AUTO_DETECT_FIELDS)
                .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                .defaultPropertyInclusion(
                        JsonInclude.Value.construct(JsonInclude.Include.NON_ABSENT,
                                JsonInclude.Include.ALWAYS));
        for (Class<?> type : List.of(List.class, Map.class, String.class)) {
            builder.withConfigOverride(type,
                    o -> o.setSetterInfo(JsonSetter.Value.forValueNulls(Nulls.AS_EMPTY)));
        }
        Shapes.register(builder);
        return builder.build();
    }

    /** Gets ready to read and write a kind of record, which takes longer than to read one. */
    public static void prepare(Class<?> type) {
        MAPPER.readerFor(type);
        MAPPER.writerFor(type);
    }

    /** A record as a tree, members in the order in which they are written. */
    public static JsonNode tree(Object value) {
        return MAPPER.valueToTree(value);
    }

    /** The members of a record as plain values, in the order in which they are written. */
    public static Map<String, Object> members(Object value) {
        return MAPPER.convertValue(value, new TypeReference<>() {});
    }

    /**
     * Reads a record from a tree that a schema was held against.
     *
     * @throws Senseless with the place, when it makes no sense
     */
    public static <T> T read(JsonNode node, Class<T> type) {
        try {
            return MAPPER.treeToValue(node, type);
        } catch (JsonMappingException e) {
            throw senseless(e);
        } catch (JsonProcessingException e) {
            throw new Senseless(Place.ROOT, e.getOriginalMessage());
        }
    }

    private static Senseless senseless(JsonMappingException e) {
        Place place = Place.ROOT;
        for (Reference step : e.getPath()) {
            place = step.getFieldName() == null
                    ? place.element(step.getIndex())
                    : place.member(step.getFieldName());
        }
        Throwable cause = e;
        while (cause.getCause() != null && !(cause instanceof Senseless)
                && !(cause instanceof Entry.Senseless)) {
            cause = cause.getCause();
        }
        return switch (cause) {
            case Senseless s -> new Senseless(place.then(s.place()), s.getMessage());
            case Entry.Senseless s -> new Senseless(place.then(new Place(s.place())), s.getMessage());
            default -> new Senseless(place, Words.say("bad.nonsense"));
        };
    }

    /** Whole numbers as people write them, without a fraction. */
    private static SimpleModule numbers() {
        return new SimpleModule("numbers")
                .addSerializer(Double.class, new NumberWriter<Double>() {
                    @Override
                    public void serialize(Double value, JsonGenerator out, SerializerProvider p)
                            throws IOException {
                        write(value, out);
                    }
                })
                .addSerializer(double.class, new NumberWriter<Double>() {
                    @Override
                    public void serialize(Double value, JsonGenerator out, SerializerProvider p)
                            throws IOException {
                        write(value, out);
                    }
                })
                .addSerializer(OptionalDouble.class, new NumberWriter<OptionalDouble>() {
                    @Override
                    public void serialize(OptionalDouble value, JsonGenerator out, SerializerProvider p)
                            throws IOException {
                        write(value.getAsDouble(), out);
                    }

                    @Override
                    public boolean isEmpty(SerializerProvider provider, OptionalDouble value) {
                        return value.isEmpty();
                    }
                });
    }

    private abstract static class NumberWriter<T> extends JsonSerializer<T> {
        static void write(double value, JsonGenerator out) throws IOException {
            if (value == Math.rint(value) && Math.abs(value) < LARGEST_WHOLE) {
                out.writeNumber((long) value);
            } else {
                out.writeNumber(value);
            }
        }
    }

    /** Takes the component {@code extra} of a record for what no other component names. */
    private static final class Unknown extends JacksonAnnotationIntrospector {
        private static final long serialVersionUID = 1L;

        @Override
        public Boolean hasAnySetter(Annotated a) {
            return a instanceof AnnotatedParameter p && p.getType().hasRawClass(Map.class)
                    && p.getType().getContentType().hasRawClass(Object.class)
                            ? Boolean.TRUE
                            : super.hasAnySetter(a);
        }

        @Override
        public Boolean hasAnyGetter(Annotated a) {
            return a instanceof AnnotatedMethod && a.getName().equals("extra")
                    ? Boolean.TRUE
                    : super.hasAnyGetter(a);
        }
    }
}
