package kitetail.e2e;

import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;

/** A class of tests with one shop of its own. */
abstract class InTheShop {
  static AtTheShop shop;

  @BeforeAll
  static void open() {
    shop = new AtTheShop();
  }

  @AfterAll
  static void close() {
    shop.close();
  }

  @AfterEach
  void clear() {
    shop.clear();
  }
}
