/* Written by bin/vocabulary.php from PHP; change it there. */

/** The engraved series of ISO. */
export const isoScale: readonly number[] = [
    25,
    32,
    40,
    50,
    64,
    80,
    100,
    125,
    160,
    200,
    250,
    320,
    400,
    500,
    640,
    800,
    1000,
    1250,
    1600,
    2000,
    2500,
    3200,
    4000,
    5000,
    6400,
    8000,
    10000,
    12800,
    16000,
    20000,
    25600,
    32000,
    40000,
    51200,
    64000,
    80000,
    102400,
    128000,
    160000,
    204800,
    256000,
    320000,
    409600,
    512000,
    640000,
    819200,
    1024000,
    1280000,
    1638400,
    2048000,
    2560000,
    3276800,
    4096000,
    5120000,
    6553600,
    8192000,
    10240000
];

/** Papers a card is printed on, and how much larger than on the smallest its type is. */
export const papers: readonly { value: string; words: string; size: string; scale: number }[] = [
    {
        "value": "a6",
        "words": "A6",
        "size": "105mm 148mm",
        "scale": 1
    },
    {
        "value": "a5",
        "words": "A5",
        "size": "148mm 210mm",
        "scale": 1.38
    },
    {
        "value": "a4",
        "words": "A4",
        "size": "210mm 297mm",
        "scale": 1.75
    },
    {
        "value": "letter",
        "words": "letter",
        "size": "8.5in 11in",
        "scale": 1.72
    }
];

/** Assumed figures that nobody has changed. */
export const assumed: Readonly<Record<string, number>> = {
    "obstacle.place": 0.8
};
