package kitetail.formats.look;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import de.javagl.jgltf.model.AccessorFloatData;
import de.javagl.jgltf.model.GltfModel;
import de.javagl.jgltf.model.MeshPrimitiveModel;
import de.javagl.jgltf.model.io.GltfModelReader;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.List;
import javax.xml.parsers.DocumentBuilderFactory;
import kitetail.fall.Fall;
import kitetail.formats.answer.LookResult;
import kitetail.formats.answer.OutgrownView;
import kitetail.formats.answer.OutlineView;
import kitetail.formats.json.Families;
import kitetail.formats.json.PlanJson;
import kitetail.formats.words.LookWords;
import kitetail.formats.words.Units;
import kitetail.formats.words.Words;
import kitetail.head.Head;
import kitetail.head.Scalp;
import kitetail.head.Walk;
import kitetail.plan.Plan;
import kitetail.planning.Outgrown;
import kitetail.planning.Worn;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Document;
import tools.jackson.databind.JsonNode;

/** Files of a fallen cut, read back by other readers than the writers. */
class LookFilesTest {
  private static final Plan PLAN = Families.all().get("tapered-pixie");
  private static final Worn WORN =
      Worn.of(PLAN, Worn.Stand.of(Scalp.of(Head.of(PLAN.head()), 800)), 0);

  @Test
  void theGlbHoldsHeadAndStrands_inMetres_yUp() throws IOException {
    byte[] glb = FallGlb.of(WORN.fall());
    assertThat(new String(glb, 0, 4, StandardCharsets.US_ASCII)).isEqualTo("glTF");
    GltfModel model = new GltfModelReader().readWithoutReferences(new ByteArrayInputStream(glb));
    assertThat(model.getMeshModels()).extracting(m -> m.getName()).containsExactly("head", "hair");
    MeshPrimitiveModel hair = model.getMeshModels().get(1).getMeshPrimitiveModels().get(0);
    AccessorFloatData p =
        (AccessorFloatData) hair.getAttributes().get("POSITION").getAccessorData();
    Fall f = WORN.fall();
    assertThat(p.getNumElements()).isEqualTo(f.strands() * f.points());
    for (int i : List.of(0, 77, 5000)) {
      assertThat(p.get(i, 0)).isCloseTo(-f.xyz()[3 * i] / 1000, within(1e-6f));
      assertThat(p.get(i, 1)).isCloseTo(f.xyz()[3 * i + 2] / 1000, within(1e-6f));
      assertThat(p.get(i, 2)).isCloseTo(f.xyz()[3 * i + 1] / 1000, within(1e-6f));
    }
  }

  private static Document xml(String svg) throws Exception {
    DocumentBuilderFactory f = DocumentBuilderFactory.newInstance();
    f.setNamespaceAware(true);
    Document d = f.newDocumentBuilder().parse(new org.xml.sax.InputSource(new StringReader(svg)));
    assertThat(d.getDocumentElement().getNamespaceURI()).isEqualTo("http://www.w3.org/2000/svg");
    assertThat(d.getElementsByTagName("title").item(0).getTextContent()).isEqualTo(PLAN.title());
    return d;
  }

  @Test
  void theDrawingsAreValidXml_withWhatTheyShow() throws Exception {
    assertThat(xml(LookSvg.silhouettes(WORN)).getElementsByTagName("path").getLength())
        .isEqualTo(5);
    Document map = xml(LookSvg.scalpMap(WORN));
    assertThat(map.getElementsByTagName("circle").getLength())
        .isEqualTo(WORN.outcome().scalp().sites() + 3);
    Document profile = xml(LookSvg.profile(WORN, Walk.Kind.CENTRE, Units.CM));
    String line =
        ((org.w3c.dom.Element) profile.getElementsByTagName("path").item(0)).getAttribute("d");
    assertThat(line).startsWith("M").endsWith("Z");
    assertThat(line.split("L").length)
        .isEqualTo(WORN.outcome().scalp().walk(Walk.Kind.CENTRE).size() + 2);
  }

  @Test
  void theTableHasALineForEachPointOfEachWalk() throws IOException {
    List<CSVRecord> rows =
        CSVFormat.RFC4180
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .get()
            .parse(new StringReader(ProfileCsv.of(WORN)))
            .getRecords();
    int points = WORN.outcome().scalp().walks().stream().mapToInt(Walk::size).sum();
    assertThat(rows).hasSize(points);
    Walk centre = WORN.outcome().scalp().walk(Walk.Kind.CENTRE);
    assertThat(Double.parseDouble(rows.get(9).get("lengthMm")))
        .isCloseTo(WORN.stock().endMm(centre.firstRoot() + 9), within(0.006));
    assertThat(rows.get(0).get("walk")).isEqualTo("centre");
  }

  @Test
  void theReadingIsWrittenWithItsPlacesAndWords() {
    JsonNode n = PlanJson.json().valueToTree(LookResult.of(WORN));
    assertThat(n.path("strands").asInt()).isEqualTo(WORN.fall().strands());
    assertThat(n.path("landings").size()).isEqualTo(WORN.look().landings().size());
    assertThat(OutlineView.of(WORN.look())).hasSize(5);
    LookWords words = new LookWords(new Words(Units.CM));
    assertThat(words.of(WORN))
        .isNotEmpty()
        .allSatisfy(w -> assertThat(w).endsWith(".").doesNotContain("!").doesNotContain("_"));
    Outgrown o = Outgrown.of(PLAN, WORN.outcome());
    assertThat(words.outgrown(o)).startsWith("Back in ").contains("weeks");
    assertThat(OutgrownView.of(o).signs()).hasSameSizeAs(o.signs());
  }
}
