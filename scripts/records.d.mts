export declare function generateEveryKind(): string;
export declare function generateFlags(): string;
