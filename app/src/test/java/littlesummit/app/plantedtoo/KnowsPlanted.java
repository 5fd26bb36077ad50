package littlesummit.app.plantedtoo;

import littlesummit.app.planted.PlantedEntity;

/** The other half of a circle between features. */
public final class KnowsPlanted {
    public PlantedEntity other() {
        return new PlantedEntity();
    }
}
