<?php

declare(strict_types=1);

use App\Models\Access\AuditRecord;

return [
    'enabled' => true,
    'delete_records_older_than_days' => 3650,
    'default_log_name' => 'house',
    'subject_returns_soft_deleted_models' => false,
    'activity_model' => AuditRecord::class,
    'table_name' => 'activity_log',
];
