<?php

declare(strict_types=1);

namespace RushHold\Card;

/** One thing to set on the camera to get from how it was left to a hold. */
final readonly class Change
{
    /**
     * @param  string  $field  as in {@see \RushHold\Dialect\Translated}, or shutter, aperture, iso, compensation
     * @param  string  $name  what the body calls the setting
     * @param  ?string  $from  how it was left, in the body's word; null when nobody knows
     * @param  string  $to  what to set, in the body's word
     * @param  string  $where  where it is on the camera
     * @param  ?string  $danger  what goes wrong when it is left as it is; such changes come first
     * @param  int  $order  where the hand meets it: lens, front, top, back, menu
     */
    public function __construct(
        public string $field,
        public string $name,
        public ?string $from,
        public string $to,
        public string $where,
        public ?string $danger,
        public int $order,
    ) {}

    /** @return array{id: string, field: string, name: string, from: ?string, to: string, where: string, danger: ?string} id changes with what is to be set */
    public function toArray(): array
    {
        return [
            'id' => $this->field.'='.$this->to,
            'field' => $this->field,
            'name' => $this->name,
            'from' => $this->from,
            'to' => $this->to,
            'where' => $this->where,
            'danger' => $this->danger,
        ];
    }
}
