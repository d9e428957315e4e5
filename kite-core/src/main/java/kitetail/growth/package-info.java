/**
 * A cut as it grows: when it wants cutting again, and the way from one shape to another over
 * several visits. Weeks are of seven days; lengths mm, dry and straight. Front doors: {@link
 * kitetail.growth.Outgrown}, {@link kitetail.growth.GrowOut}.
 */
package kitetail.growth;
