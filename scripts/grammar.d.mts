export declare function generateParser(): string;
