<?php

declare(strict_types=1);

namespace RushHold\Dialect;

/** One field of a hold as a body calls it. */
final readonly class Translated
{
    /**
     * @param  string  $field  focus_mode, area, detection, eye, tuning, stay, pace, pick, drive, stabiliser, limiter
     * @param  string  $name  what the body calls the setting
     * @param  string  $word  what to set there, in the body's word or ours
     * @param  string  $ours  our word for it
     * @param  bool  $own  whether the word is the body's own
     * @param  ?string  $note  what is not quite the same: what the body lacks, or how far its nearest preset is
     */
    public function __construct(
        public string $field,
        public string $name,
        public string $word,
        public string $ours,
        public SettingLocation $where,
        public bool $own,
        public ?string $note = null,
        public bool $lacks = false,
    ) {}

    /**
     * @param  array<string, string>  $controls names of the body's controls by id
     * @return array{field: string, name: string, word: string, ours: string, where: string, own: bool, note: ?string, lacks: bool}
     */
    public function toArray(array $controls): array
    {
        return [
            'field' => $this->field,
            'name' => $this->name,
            'word' => $this->word,
            'ours' => $this->ours,
            'where' => $this->where->words($controls),
            'own' => $this->own,
            'note' => $this->note,
            'lacks' => $this->lacks,
        ];
    }
}
