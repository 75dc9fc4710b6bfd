package brandeon.server.publish;

import brandeon.core.publish.Part;
import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;

/** A part as stored. */
@Converter
class PartText implements AttributeConverter<Part, String> {

    @Override
    public String convertToDatabaseColumn(Part part) {
        return part.toString();
    }

    @Override
    public Part convertToEntityAttribute(String text) {
        return Part.of(text);
    }
}
