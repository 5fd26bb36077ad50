package littlesummit.app.planted;

import littlesummit.app.plantedtoo.KnowsPlanted;

/** An entity that every feature sees, and one half of a circle between features. */
public final class PlantedEntity {
    public KnowsPlanted other() {
        return new KnowsPlanted();
    }
}
