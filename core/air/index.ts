export * from './airflow';
export * from './demand';
export * from './place';
export * from './psychrometrics';
export * from './reference-evapotranspiration';
