package kitetail.e2e;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;

/** A class of tests that has the shop, as it begins, to itself. */
abstract class InTheShop {
  static AtTheShop shop;

  @BeforeAll
  static void open() {
    shop = AtTheShop.asItBegan();
  }

  @AfterEach
  void clear() {
    shop.clear();
  }
}
