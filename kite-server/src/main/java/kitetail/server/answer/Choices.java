package kitetail.server.answer;

import java.util.Arrays;
import kitetail.formats.json.PlanJson;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.convert.converter.Converter;
import org.springframework.core.convert.converter.ConverterFactory;
import org.springframework.format.FormatterRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Choices in an address are spelt as in documents. */
@Configuration
class Choices implements WebMvcConfigurer {
  private static final class Named implements ConverterFactory<String, Enum<?>> {
    @Override
    public <E extends Enum<?>> Converter<String, E> getConverter(Class<E> type) {
      return name ->
          Arrays.stream(type.getEnumConstants())
              .filter(c -> PlanJson.name(c).equals(name))
              .findFirst()
              .orElseThrow(() -> new IllegalArgumentException(name));
    }
  }

  @Override
  public void addFormatters(FormatterRegistry all) {
    all.addConverterFactory(new Named());
  }
}
