/** Pictures of pixels that people bring along: read with care, turned upright, and made as small as they may be. */
package littlesummit.app.picture;
