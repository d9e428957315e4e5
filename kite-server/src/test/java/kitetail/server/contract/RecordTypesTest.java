package kitetail.server.contract;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import com.fasterxml.jackson.databind.ObjectMapper;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverterContextImpl;
import org.junit.jupiter.api.Test;

/** Two things of one name in an answer: the page would read the last and miss the other. */
class RecordTypesTest {
  record Part(String skin, double lines) {}

  record Clear(@JsonUnwrapped Part part, double bites) {}

  record Clashing(@JsonUnwrapped Part part, double lines) {}

  private static void described(Class<?> answer) {
    RecordTypes types = new RecordTypes(new ObjectMapper());
    new ModelConverterContextImpl(types).resolve(new AnnotatedType(answer));
  }

  @Test
  void aPartWrittenIntoAnAnswer_hasNoNameOfIt() {
    assertThatThrownBy(() -> described(Clashing.class))
        .isInstanceOf(IllegalStateException.class)
        .hasMessage("Clashing writes \"lines\" twice, once of a part of it");
    assertThatCode(() -> described(Clear.class)).doesNotThrowAnyException();
  }
}
