// Made from schemas/ by `npm run types`; do not edit.


/**
 * What the controls of a body do, and the holds of a day laid on them.
 */
export interface Layout {
format: "layout/1"
/**
 * Button scheme.
 */
scheme: ("shutter" | "thumb" | "two-thumbs" | "three-buttons" | "own")
/**
 * Whether half a press of the shutter focuses.
 */
shutter_focuses: boolean
/**
 * Whether the body focuses before anything is pressed.
 */
prefocus: boolean
/**
 * Whether it is worked in gloves.
 */
gloves: boolean
/**
 * Holds of the day, by the rush they answer.
 * 
 * @maxItems 12
 * 
 * Items: Id of a rush, whose hold it is.
 */
holds: string[]
/**
 * Hold the camera itself is set to.
 */
base: (string | null)
/**
 * Assigned controls.
 * 
 * @maxItems 24
 * 
 * Items: What one control does.
 */
uses: {
/**
 * Id of the control.
 */
control: string
/**
 * Its function.
 */
does: ("focus" | "recall" | "stop" | "point")
/**
 * Hold it recalls.
 */
hold: (string | null)
/**
 * Settings in the bundle it recalls.
 * 
 * @maxItems 12
 * 
 * Items: A setting.
 */
carries: ("start" | "focus-mode" | "area" | "detection" | "tuning" | "drive" | "stabiliser" | "shutter" | "aperture" | "iso" | "compensation" | "metering")[]
}[]
/**
 * How often each hold follows each; what is missing is once.
 * 
 * @maxItems 132
 * 
 * Items: How often one hold follows another.
 */
follows: {
/**
 * Id of a rush, whose hold it is.
 */
from: string
/**
 * Id of a rush, whose hold it is.
 */
to: string
/**
 * Times in a day.
 */
times: number
}[]
}
