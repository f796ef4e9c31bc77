<?php

namespace App\Keeping;

/** What a workspace's file holds of each table: described in docs/formats.md. Each names only what stands before it. */
final class WorkspaceTables
{
    /**
     * Table => its columns, and columns that hold the number of a row of another table; `of` is the table whose rows
     * it belongs to where it has no workspace of its own.
     *
     * @var array<string, array{columns: list<string>, refs: array<string, string>, of?: array{string, string}}>
     */
    public const ALL = [
        'people' => ['columns' => ['name', 'address', 'profile', 'external', 'first_day', 'last_day', 'removed_at'],
            'refs' => []],
        'staff_groups' => ['columns' => ['name', 'position'], 'refs' => []],
        'group_people' => [
            'columns' => [], 'refs' => ['group_id' => 'staff_groups', 'person_id' => 'people'],
            'of' => ['staff_groups', 'group_id'],
        ],
        'pictures' => ['columns' => [
            'hash', 'extension', 'width', 'height', 'bytes', 'name', 'alt', 'rights', 'framing', 'hand', 'strokes',
            'brought_bytes', 'removed_at',
        ], 'refs' => []],
        'cards' => ['columns' => ['archived_at'], 'refs' => ['person_id' => 'people']],
        'card_labels' => ['columns' => ['label'], 'refs' => ['card_id' => 'cards'], 'of' => ['cards', 'card_id']],
        'placements' => ['columns' => ['address', 'situation'], 'refs' => ['card_id' => 'cards']],
        'ready_messages' => ['columns' => ['place', 'name', 'subject', 'body', 'removed_at'], 'refs' => []],
        'house_notes' => ['columns' => ['destination', 'film', 'note'], 'refs' => []],
        'quotations' => ['columns' => ['topic', 'text', 'by', 'address', 'removed_at'], 'refs' => []],
        'own_days' => ['columns' => ['name', 'day'], 'refs' => []],
        'banners' => ['columns' => ['document', 'number', 'occasion', 'put', 'put_at', 'removed_at'], 'refs' => []],
        'place_windows' => [
            'columns' => ['begins', 'ends', 'audience', 'priority', 'share', 'by_days', 'removed_at'],
            'refs' => ['banner_id' => 'banners'],
        ],
        'footers' => [
            'columns' => ['name', 'document', 'number', 'head', 'removed_at'], 'refs' => ['card_id' => 'cards'],
        ],
        'footer_revisions' => [
            'columns' => ['number', 'document', 'html', 'text', 'created_at'], 'refs' => ['footer_id' => 'footers'],
            'of' => ['footers', 'footer_id'],
        ],
        'letters' => [
            'columns' => ['subject', 'document', 'number', 'removed_at'],
            'refs' => ['card_id' => 'cards', 'footer_id' => 'footers'],
        ],
        'campaigns' => [
            'columns' => ['name', 'starts', 'recipients', 'ended_at', 'removed_at'],
            'refs' => ['footer_id' => 'footers'],
        ],
        'campaign_messages' => [
            'columns' => ['position', 'subject', 'after_days', 'footer_revision', 'put_at'],
            'refs' => ['campaign_id' => 'campaigns', 'letter_id' => 'letters'], 'of' => ['campaigns', 'campaign_id'],
        ],
        'recipients' => ['columns' => ['address', 'data', 'removed_at'], 'refs' => []],
        'left_alone' => ['columns' => ['address', 'why', 'since'], 'refs' => []],
    ];

    /** Tables in which a row may stand already: columns it is known by. */
    public const KNOWN = [
        'pictures' => ['workspace_id', 'hash'], 'placements' => ['workspace_id', 'address', 'situation'],
        'staff_groups' => ['workspace_id', 'name'], 'house_notes' => ['workspace_id', 'destination'],
        'recipients' => ['workspace_id', 'address'],
    ];

    /** Columns that may be without a row: what they name may be gone. */
    public const MAY_LACK = ['person_id', 'letter_id', 'footer_id'];

    /** Tables without a number of their own: what their rows are ordered by. */
    public const ORDER = [
        'card_labels' => ['card_id', 'label'], 'footer_revisions' => ['footer_id', 'number'],
        'left_alone' => ['address'], 'group_people' => ['group_id', 'person_id'],
    ];
}
